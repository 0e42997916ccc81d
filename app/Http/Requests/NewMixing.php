<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Pensilis\Exception\UnreadableQuantity;
use Pensilis\Quantity\Mass;
use Pensilis\Quantity\UnitSystem;

/** What was mixed, kept by cup and stick, and left over: masses in any unit. */
final class NewMixing extends FormRequest
{
    private const MOST = 100_000.0;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['mixed' => ['required', 'string', 'max:40'], 'kept' => ['required', 'string', 'max:40'], 'over' => ['nullable', 'string', 'max:40']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['mixed.*' => 'Write how much was mixed, such as 120 g.', 'kept.*' => 'Write what cup and stick kept, such as 4 g: weigh them before and after.', 'over.*' => 'Write what was left over, or leave it empty.'];
    }

    /**
     * @return array{mixed_g: float, kept_g: float, over_g: float}
     *
     * @throws ValidationException
     */
    public function grams(): array
    {
        [$mixed, $kept, $over] = [$this->mass('mixed'), $this->mass('kept'), $this->mass('over')];
        if ($mixed <= 0.0) {
            throw ValidationException::withMessages(['mixed' => 'What was mixed must be above 0 g and at most 100 kg.']);
        }
        if ($kept + $over > $mixed + 1e-9) {
            throw ValidationException::withMessages(['kept' => 'More was kept and left over than was mixed; weigh again.']);
        }

        return ['mixed_g' => $mixed, 'kept_g' => $kept, 'over_g' => $over];
    }

    private function mass(string $field): float
    {
        if (!$this->filled($field)) {
            return 0.0;
        }
        try {
            $grams = Mass::parse($this->string($field)->toString(), UnitSystem::Metric)->g();
        } catch (UnreadableQuantity $refusal) {
            throw ValidationException::withMessages([$field => $refusal->getMessage()]);
        }

        return $grams >= 0.0 && $grams <= self::MOST ? $grams : throw ValidationException::withMessages([$field => 'Write a mass between 0 g and 100 kg.']);
    }
}

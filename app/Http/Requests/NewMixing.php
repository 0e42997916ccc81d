<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Words\Limits;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Pensilis\Quantity\Mass;
use Pensilis\Quantity\UnitSystem;

/** What was mixed, kept by cup and stick, and left over: masses in any unit. */
final class NewMixing extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'mixed' => ['required', 'string', 'max:' . Limits::QUANTITY], 'kept' => ['required', 'string', 'max:' . Limits::QUANTITY],
            'over'  => ['nullable', 'string', 'max:' . Limits::QUANTITY],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return Words::asked('mixing');
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
            throw ValidationException::withMessages(['mixed' => Words::asked('mixing')['nothing']]);
        }
        if ($kept + $over > $mixed + 1e-9) {
            throw ValidationException::withMessages(['kept' => __('asked.mixing.more')]);
        }

        return ['mixed_g' => $mixed, 'kept_g' => $kept, 'over_g' => $over];
    }

    private function mass(string $field): float
    {
        if (!$this->filled($field)) {
            return 0.0;
        }
        $grams = Asked::quantity(
            $field,
            UnitSystem::Metric,
            fn(): float => Mass::parse($this->string($field)->toString(), UnitSystem::Metric)->g(),
        );

        return $grams >= 0.0
            && $grams <= 1e3 * Limits::MIX
            ? $grams
            : throw ValidationException::withMessages([$field => Words::asked('mixing')['mass']]);
    }
}

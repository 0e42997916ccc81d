<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Words\Limits;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Pensilis\Quantity\Mass;
use Pensilis\Quantity\UnitSystem;

/**
 * What was mixed, kept by cup and stick, and left over: masses in any unit, or volumes of mix, which its density makes masses. What is
 * far from the plan is asked about before it is kept: milligrams for grams, ounces for pounds.
 */
final class NewMixing extends FormRequest
{
    /** A hundred times more or less than planned is hardly meant (memory). */
    private const FAR = 100.0;

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
     * @param float $density g/ml of the mix
     * @param float $planned g
     *
     * @return array{mixed_g: float, kept_g: float, over_g: float}
     *
     * @throws ValidationException
     */
    public function grams(float $density, float $planned): array
    {
        [$mixed, $kept, $over] = array_map(fn(string $field): float => $this->mass($field, $density), ['mixed', 'kept', 'over']);
        if ($mixed <= 0.0) {
            throw ValidationException::withMessages(['mixed' => Words::asked('mixing')['nothing']]);
        }
        if (!$this->boolean('sure') && ($mixed > self::FAR * $planned || $mixed < $planned / self::FAR)) {
            $print = fn(float $grams): string => Mass::grams($grams)->print(UnitSystem::Metric);

            throw ValidationException::withMessages(['sure' => __('asked.mixing.far', [
                'mixed' => $print($mixed), 'planned' => $print($planned),
            ])]);
        }
        if ($kept + $over > $mixed + 1e-9) {
            throw ValidationException::withMessages(['kept' => __('asked.mixing.more')]);
        }

        return ['mixed_g' => $mixed, 'kept_g' => $kept, 'over_g' => $over];
    }

    private function mass(string $field, float $density): float
    {
        if (!$this->filled($field)) {
            return 0.0;
        }
        $grams = Asked::grams($this, $field, $density);

        return $grams >= 0.0
            && $grams <= 1e3 * Limits::MIX
            ? $grams
            : throw ValidationException::withMessages([$field => Words::asked('mixing')['mass']]);
    }
}

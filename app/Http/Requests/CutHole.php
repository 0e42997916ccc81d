<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Interchange\PlanFile\OutlineVessel;
use App\Models\Piece;
use App\Words\Limits;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Pensilis\Exception\PensilisException;
use Pensilis\PlanFile\PlanRefused;
use Pensilis\Quantity\Length;
use Pensilis\Quantity\UnitSystem;

/** A round hole through the blank or mold of a piece, as for a clockwork or a cord. */
final class CutHole extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        $length = 'max:' . Limits::QUANTITY;

        return [
            'across' => ['required', 'string', $length], 'x' => ['nullable', 'string', $length], 'y' => ['nullable', 'string', $length],
            'of'     => ['nullable', 'string', 'max:32'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return Words::asked('hole');
    }

    /** @throws ValidationException where it is none, or lies outside */
    public function applyTo(Piece $piece, UnitSystem $system): void
    {
        $place = fn(string $key): float => !$this->filled($key) ? 0.0
            : Asked::quantity($key, $system, fn(): float => Length::parse($this->string($key)->toString(), $system)->mm());
        $hole = [Asked::millimetres($this, 'across', $system) ?? 0.0, $place('x'), $place('y')];
        try {
            $piece->change(
                fn(array $document): array => OutlineVessel::holed($document, $hole)
                    ?? throw ValidationException::withMessages(['across' => __('asked.hole.shape')]),
                $this->string('of')->toString(),
            );
        } catch (PlanRefused|PensilisException) {
            throw ValidationException::withMessages(['across' => __('asked.hole.outside')]);
        }
    }
}

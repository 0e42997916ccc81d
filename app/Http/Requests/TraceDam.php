<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Interchange\PlanFile\OutlineVessel;
use App\Models\Photograph;
use App\Models\Piece;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Pensilis\Plan\Making;
use Pensilis\PlanFile\Document;
use Pensilis\PlanFile\PlanRefused;
use Pensilis\Quantity\UnitSystem;

/** A hand-laid dam as it was traced on the scaled photograph, point by point: the vessel of the piece. */
final class TraceDam extends FormRequest
{
    /** Three points or more, in pixels. */
    private const POINTS = '/^\d{1,4}(\.\d+)?,\d{1,4}(\.\d+)?( \d{1,4}(\.\d+)?,\d{1,4}(\.\d+)?){2,499}$/D';

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['points' => ['required', 'string', 'max:10000', 'regex:' . self::POINTS]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return Words::asked('dam');
    }

    /** @throws ValidationException where the photograph has no scale yet, or the line is none round anything */
    public function applyTo(Piece $piece, Photograph $photograph, UnitSystem $system): void
    {
        $scale = $photograph->mm_per_pixel ?? throw ValidationException::withMessages(['points' => __('asked.dam.scale')]);
        $pixels = array_map(
            fn(string $point): array => array_map(floatval(...), explode(',', $point)),
            explode(' ', $this->string('points')->toString()),
        );
        // Behind is up on the photograph.
        $points = array_map(fn(array $at): string => sprintf('%.2F %.2F', $scale * $at[0], -$scale * $at[1]), $pixels);
        [$right, $down] = [array_column($pixels, 0), array_column($pixels, 1)];
        try {
            $piece->change(fn(array $document): array => Document::with(
                OutlineVessel::with($document, 'M' . implode(' L', $points) . ' Z', 1.0),
                '/vessel/made',
                Making::Dam->value,
            ));
            // The outline lies about the middle of its box; the photograph with it.
            $photograph->update([
                'middle_x' => 0.5 * (min([INF, ...$right]) + max([-INF, ...$right])),
                'middle_y' => 0.5 * (min([INF, ...$down]) + max([-INF, ...$down])),
            ]);
        } catch (PlanRefused $refusal) {
            throw ValidationException::withMessages(['points' => array_map((new Words($system))->finding(...), $refusal->problems)]);
        }
    }
}

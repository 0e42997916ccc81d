<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Interchange\Form\CoatPart;
use App\Interchange\Form\RegionShaping;
use App\Models\Piece;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Pensilis\PlanFile\Document;

/** More regions of a pour: one that was drawn over the plan, as many of the same width, or one repeated round the middle. */
final class NewRegion extends FormRequest
{
    private const SHAPES = ['band', 'half', 'ring', 'line', 'outline'];

    private const PLACES = '/^-?\d{1,5}(\.\d+)?,-?\d{1,5}(\.\d+)?( -?\d{1,5}(\.\d+)?,-?\d{1,5}(\.\d+)?)+$/D';

    /** Of a line that was drawn freely. */
    private const POINTS = 2000;

    /** Nearer together than this nothing was drawn, mm. */
    private const LEAST = 1.0;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'way'    => ['required', Rule::in(['draw', 'repeat', ...RegionShaping::EVEN])],
            'shape'  => ['exclude_unless:way,draw', 'required', Rule::in(self::SHAPES)],
            'points' => ['exclude_unless:way,draw', 'required', 'string', 'max:40000', 'regex:' . self::PLACES],
            'times'  => ['exclude_if:way,draw', 'required', 'integer', 'min:2', 'max:' . RegionShaping::MOST],
            'part'   => ['required', 'regex:' . CoatPart::NAMES],
            'of'     => ['nullable', 'string', 'max:32'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return Words::asked('region', ['most' => (string) RegionShaping::MOST]);
    }

    /**
     * @return CoatPart the first of the new regions; that which was repeated; or the pour where there is none
     *
     * @throws ValidationException where there are too many
     */
    public function applyTo(Piece $piece): CoatPart
    {
        $part = CoatPart::named($this->string('part')->toString()) ?? new CoatPart(0);
        $shown = $part;
        $piece->change(function (array $document) use ($piece, $part, &$shown): array {
            $way = $this->string('way')->toString();
            if (!$part->isIn($document)) {
                return $document;
            }
            if ($way === 'bands' || $way === 'rings') {
                $shown = new CoatPart($part->pour, 0);

                return RegionShaping::divided($document, $piece->plan(), $part->pour, $way, $this->integer('times'));
            }
            $zones = array_values(array_filter(Document::list($document, $part->ground()->pointer() . '/zones'), is_array(...)));
            $shown = $way === 'draw' ? new CoatPart($part->pour, count($zones)) : $part;
            $more = $way === 'draw'
                ? [RegionShaping::drawn($this->string('shape')->toString(), $this->points())]
                : RegionShaping::around($zones[$part->zone ?? RegionShaping::MOST] ?? [], $this->integer('times'));

            return count($zones) + count($more) <= RegionShaping::MOST
                ? Document::with($document, $part->ground()->pointer() . '/zones', [...$zones, ...$more])
                : throw ValidationException::withMessages(['times' => __('asked.region.most', ['most' => RegionShaping::MOST])]);
        }, $this->string('of')->toString());

        return $shown;
    }

    /**
     * @return non-empty-list<array{float, float}> mm
     *
     * @throws ValidationException where nothing was drawn
     */
    private function points(): array
    {
        $points = array_map(
            fn(string $pair): array => [(float) strtok($pair, ','), (float) substr((string) strrchr($pair, ','), 1)],
            explode(' ', $this->string('points')->toString()),
        );
        $far = max(array_map(fn(array $p): float => hypot($p[0] - $points[0][0], $p[1] - $points[0][1]), $points));

        return $far >= self::LEAST && count($points) <= self::POINTS
            ? $points
            : throw ValidationException::withMessages(['points' => __('asked.region.nothing')]);
    }
}

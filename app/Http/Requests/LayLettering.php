<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Interchange\PlanFile\Lettering;
use App\Models\Piece;
use App\Words\Limits;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Pensilis\Plan\Align;
use Pensilis\Quantity\UnitSystem;

/** Lines of lettering on a pour, laid under each other. */
final class LayLettering extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'lines'  => ['required', 'string', 'max:2000'],
            'width'  => ['nullable', 'string', 'max:' . Limits::QUANTITY],
            'height' => ['nullable', 'string', 'max:' . Limits::QUANTITY],
            'align'  => ['required', Rule::enum(Align::class)],
            'of'     => ['nullable', 'string', 'max:32'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return Words::asked('lettering', ['most' => (string) Lettering::MOST]);
    }

    /** @throws ValidationException where there are too many lines, or a length is none */
    public function applyTo(Piece $piece, int $pour, UnitSystem $system): void
    {
        $lines = array_map(trim(...), explode("\n", $this->string('lines')->toString()));
        $lines = array_values(array_filter($lines, fn(string $one): bool => $one !== ''));
        $room = $piece->plan()->vessel->shape->sectionAt($piece->plan()->vessel->fill);
        $width = Asked::millimetres($this, 'width', $system) ?? Lettering::SHARE * 2e3 * $room->halfX;
        $height = Asked::millimetres($this, 'height', $system) ?? Lettering::SHARE * 2e3 * $room->halfY;
        $align = $this->enum('align', Align::class) ?? Align::Middle;
        $piece->change(
            fn(array $document): array => Lettering::laid($document, $pour, $lines, [$width, $height, $align])
                ?? throw ValidationException::withMessages(['lines' => __('asked.lettering.most', ['most' => Lettering::MOST])]),
            $this->string('of')->toString(),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Interchange\PlanFile\Repeat;
use App\Models\Piece;
use App\Words\Limits;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Pensilis\Quantity\Length;
use Pensilis\Quantity\UnitSystem;

/** How often an object is to be there, and how they lie. */
final class RepeatObject extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'object' => ['required', 'string', 'max:' . Limits::NAME],
            'times'  => ['required', 'integer', 'min:' . Repeat::LEAST, 'max:' . Repeat::MOST],
            'way'    => ['required', Rule::in(Repeat::WAYS)],
            'far'    => ['nullable', 'string', 'max:' . Limits::QUANTITY],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return Words::asked('repeat', ['least' => (string) Repeat::LEAST, 'most' => (string) Repeat::MOST]);
    }

    /** @throws ValidationException where the distance does not read as a length, or is none */
    public function applyTo(Piece $piece, UnitSystem $system): void
    {
        $far = $this->far($system);
        $way = $this->string('way')->toString() === 'row' ? 'row' : 'ring';
        $piece->change(fn(array $document): array => Repeat::of(
            $document,
            $this->string('object')->toString(),
            $this->integer('times'),
            $way,
            $far,
        ));
    }

    private function far(UnitSystem $system): ?float
    {
        if (!$this->filled('far')) {
            return null;
        }
        $far = Asked::quantity('far', $system, fn(): float => Length::parse($this->string('far')->toString(), $system)->mm());

        return $far > 0.0 ? $far : throw ValidationException::withMessages(['far' => __('asked.repeat.nothing')]);
    }
}

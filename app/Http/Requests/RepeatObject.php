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
use Pensilis\Exception\UnreadableQuantity;
use Pensilis\Quantity\Length;
use Pensilis\Quantity\UnitSystem;

/** How often an object is to be there, and how they lie. */
final class RepeatObject extends FormRequest
{
    private const MOST = 100;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'object' => ['required', 'string', 'max:' . Limits::NAME],
            'times'  => ['required', 'integer', 'min:2', 'max:' . self::MOST],
            'way'    => ['required', Rule::in(Repeat::WAYS)],
            'far'    => ['nullable', 'string', 'max:' . Limits::QUANTITY],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return Words::asked('repeat', ['most' => (string) self::MOST]);
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
        try {
            $far = Length::parse($this->string('far')->toString(), $system)->mm();
        } catch (UnreadableQuantity $refusal) {
            throw ValidationException::withMessages(['far' => (new Words($system))->refusal($refusal)]);
        }

        return $far > 0.0 ? $far : throw ValidationException::withMessages(['far' => __('asked.repeat.nothing')]);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Interchange\PlanFile\Repeat;
use App\Interchange\PlanFile\Repetition;
use App\Models\Piece;
use App\Words\Limits;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Pensilis\Quantity\UnitSystem;

/** How often an object is to be there, and how they lie. */
final class RepeatObject extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'object' => ['required', 'string', 'max:' . Limits::NAME],
            'times'  => ['nullable', 'integer', 'min:' . Repeat::LEAST, 'max:' . Repeat::MOST],
            'way'    => ['required', Rule::in(Repeat::WAYS)],
            'far'    => ['nullable', 'string', 'max:' . Limits::QUANTITY],
            'gap'    => ['nullable', 'string', 'max:' . Limits::QUANTITY],
            'start'  => ['nullable', 'numeric', 'min:0', 'max:360'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return Words::asked('repeat', ['least' => (string) Repeat::LEAST, 'most' => (string) Repeat::MOST]);
    }

    /** @throws ValidationException where a distance does not read as a length, or is none, and where there is no room */
    public function applyTo(Piece $piece, UnitSystem $system): void
    {
        $how = new Repetition(
            Asked::oneOf(Repeat::WAYS, $this->string('way')->toString()),
            $this->filled('times') ? $this->integer('times') : null,
            Asked::millimetres($this, 'far', $system),
            Asked::millimetres($this, 'gap', $system),
            $this->filled('start') ? $this->float('start') : null,
        );
        $piece->change(function (array $document) use ($piece, $how): array {
            $with = Repeat::of($document, $this->string('object')->toString(), $how, $piece->meshes());

            return $how->count !== null || $with !== $document ? $with
                : throw ValidationException::withMessages(['times' => __('asked.repeat.no-room')]);
        });
    }
}

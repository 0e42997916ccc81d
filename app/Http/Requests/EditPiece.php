<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Interchange\CoatShaping;
use App\Interchange\Document;
use App\Interchange\PlanFields;
use App\Interchange\Reshaping;
use App\Interchange\TypedFields;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Pensilis\Plan\MeshSource;
use Pensilis\Quantity\UnitSystem;

/** What was typed into a piece's form: texts by JSON pointer, under the key “f”. */
final class EditPiece extends FormRequest
{
    private bool $reshaped = false;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['f' => ['required', 'array', 'max:12000'], 'f.*' => ['nullable', 'string', 'max:1048576']];
    }

    /**
     * The document with what was typed, and what its choices ask for.
     *
     * @param array<string, mixed> $document
     *
     * @return array<string, mixed>
     *
     * @throws ValidationException at the fields that cannot be read
     */
    public function applyTo(array $document, UnitSystem $system, MeshSource $meshes): array
    {
        $fields = (new PlanFields($document))->all();
        $typed = $this->input('f');
        $texts = new TypedFields($fields, is_array($typed) ? $typed : [], $system);
        $changed = $texts->in($document);
        foreach ($this->reshapings($document) as $pointer => $reshape) {
            if (Document::value($changed, $pointer) !== Document::value($document, $pointer)) {
                $changed = $reshape($changed);
                $this->reshaped = true;
            }
        }

        foreach (['/colours', '/pours'] as $list) {
            $changed = Document::value($changed, $list) === Document::value($document, $list) ? $changed : CoatShaping::tidy($changed);
        }
        // A form that asks for other values now, or offers other colours, is shown anew.
        $this->reshaped = $this->reshaped || self::names($changed) !== self::names($document)
            || array_column((new PlanFields($changed))->all(), 'pointer') !== array_column($fields, 'pointer');

        return $texts->sound($changed, $meshes);
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return array<array-key, mixed> of its colours
     */
    private static function names(array $document): array
    {
        return array_column(is_array($document['colours'] ?? null) ? $document['colours'] : [], 'name');
    }

    /** Whether the form itself looks different after the change. */
    public function reshapes(): bool
    {
        return $this->reshaped;
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return array<string, callable(array<string, mixed>): array<string, mixed>> by the choice that asks for them
     */
    private function reshapings(array $document): array
    {
        $steps = Document::value($document, '/vessel/steps');
        $reshapings = ['/vessel/shape' => Reshaping::vessel(...), '/ambient/kind' => Reshaping::room(...),
            '/studio/measure_by'       => Reshaping::measuring(...)];
        foreach (array_keys(is_array($steps) ? $steps : []) as $i) {
            $reshapings["/vessel/steps/{$i}/shape"] = Reshaping::ofStep((int) $i);
        }
        $reshapings['/vessel/compartments'] = Reshaping::compartments(...);
        $objects = Document::value($document, '/inclusions');
        foreach (array_keys(is_array($objects) ? $objects : []) as $i) {
            $reshapings["/inclusions/{$i}/copies"] = Reshaping::copies((int) $i);
        }

        return $reshapings;
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Interchange\Form\CoatShaping;
use App\Interchange\Form\PlanFields;
use App\Interchange\Form\Reshaping;
use App\Interchange\Form\TypedFields;
use App\Interchange\PlanFile\Document;
use App\Models\Piece;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Pensilis\PlanFile\PlanRefused;
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
     * Changes a piece as it was typed, and as its choices ask for.
     *
     * @throws ValidationException at the fields that cannot be read or make no sense; then nothing is changed
     */
    public function applyTo(Piece $piece, UnitSystem $system): void
    {
        $document = $piece->document;
        $fields = (new PlanFields($document))->all();
        $typed = $this->input('f');
        $texts = new TypedFields($fields, is_array($typed) ? $typed : [], $system);
        $changed = $this->reshape($texts->in($document), $document);
        // A form that asks for other values now, or offers other colours, is shown anew.
        $this->reshaped = $this->reshaped || self::names($changed) !== self::names($document)
            || array_column((new PlanFields($changed))->all(), 'pointer') !== array_column($fields, 'pointer');
        try {
            $piece->change($changed);
        } catch (PlanRefused $refusal) {
            throw $texts->refused($refusal);
        }
    }

    /**
     * @param array<string, mixed> $changed
     * @param array<string, mixed> $document as it was before
     *
     * @return array<string, mixed>
     */
    private function reshape(array $changed, array $document): array
    {
        foreach ($this->reshapings($document) as $pointer => $reshape) {
            if (Document::value($changed, $pointer) !== Document::value($document, $pointer)) {
                $changed = $reshape($changed);
                $this->reshaped = true;
            }
        }
        foreach (['/colours', '/pours'] as $list) {
            $changed = Document::value($changed, $list) === Document::value($document, $list) ? $changed : CoatShaping::tidy($changed);
        }

        return $changed;
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

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Interchange\Document;
use App\Interchange\Field;
use App\Interchange\PlanFields;
use App\Interchange\PlanFile;
use App\Interchange\Reshaping;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Pensilis\Exception\PlanRefused;
use Pensilis\Exception\UnreadableQuantity;
use Pensilis\Plan\MeshSource;
use Pensilis\Quantity\UnitSystem;

/** What was typed into a piece's form: texts by JSON pointer, under the key “f”. */
final class EditPiece extends FormRequest
{
    /** Lists of which the form shows one more line than there are. */
    private const LISTS = ['/studio/hours', '/purpose/fittings'];

    private bool $reshaped = false;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['f' => ['required', 'array', 'max:12000'], 'f.*' => ['nullable', 'string', 'max:1048576']];
    }

    /**
     * The document with what was typed; a text that still reads as it was shown changes nothing, so that no
     * figure drifts by being shown in other units.
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
        [$changed, $errors] = [$document, []];
        foreach ($fields as $field) {
            $text = $this->typed($field);
            if ($text === null || $text === $field->text($document, $system)) {
                continue;
            }
            try {
                $changed = $this->put($changed, $field, $text, $system);
            } catch (UnreadableQuantity $refusal) {
                $errors["f.{$field->pointer}"] = "{$field->label}: {$refusal->getMessage()}";
            }
        }
        if ($errors !== []) {
            throw ValidationException::withMessages($errors);
        }
        foreach ($this->reshapings($document) as $pointer => $reshape) {
            if (Document::value($changed, $pointer) !== Document::value($document, $pointer)) {
                $changed = $reshape($changed);
                $this->reshaped = true;
            }
        }

        foreach (self::LISTS as $list) {
            $this->reshaped = $this->reshaped || self::length($changed, $list) !== self::length($document, $list);
        }

        return $this->sound($changed, $fields, $meshes);
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

    /** @param array<string, mixed> $document */
    private static function length(array $document, string $pointer): int
    {
        $list = Document::value($document, $pointer);

        return is_array($list) ? count($list) : 0;
    }

    private function typed(Field $field): ?string
    {
        $typed = $this->input('f');
        $text = is_array($typed) && array_key_exists($field->pointer, $typed) ? $typed[$field->pointer] ?? '' : null;

        return is_string($text) ? trim($text) : null;
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return array<string, mixed>
     */
    private function put(array $document, Field $field, string $text, UnitSystem $system): array
    {
        if ($text === '') {
            return $field->optional ? Document::without($document, $field->pointer) : throw UnreadableQuantity::empty($field->kind->example());
        }
        if ($field->choices !== [] && !array_key_exists($text, $field->choices)) {
            throw UnreadableQuantity::noChoice($text, array_values($field->choices));
        }
        $value = $field->isYesOrNo() ? $text === 'yes' : $field->kind->parse($text, $system);

        return Document::with($document, $field->pointer, $value);
    }

    /**
     * @param array<string, mixed> $document
     * @param list<Field>          $fields
     *
     * @return array<string, mixed>
     */
    private function sound(array $document, array $fields, MeshSource $meshes): array
    {
        try {
            return PlanFile::read(PlanFile::write($document), $meshes);
        } catch (PlanRefused $refusal) {
            $errors = [];
            foreach ($refusal->problems as $problem) {
                $field = $this->fieldAt($problem->pointer, $fields);
                $errors['f.' . ($field->pointer ?? $problem->pointer)][] = ($field === null ? $problem->pointer : $field->label) . ': ' . $problem->message;
            }
            throw ValidationException::withMessages($errors);
        }
    }

    /** @param list<Field> $fields */
    private function fieldAt(string $pointer, array $fields): ?Field
    {
        foreach ($fields as $field) {
            if ($field->pointer === $pointer) {
                return $field;
            }
        }

        return null;
    }
}

<?php

declare(strict_types=1);

namespace App\Interchange\Form;

use App\Interchange\PlanFile\Document;
use App\Words\Words;
use Illuminate\Validation\ValidationException;
use Pensilis\Exception\UnreadableQuantity;
use Pensilis\PlanFile\PlanRefused;
use Pensilis\Quantity\UnitSystem;

/** Texts typed into fields of a plan file: read into a document, and what is wrong with them told at their fields. */
final readonly class TypedFields
{
    /**
     * @param list<Field>             $fields
     * @param array<array-key, mixed> $typed  texts by JSON pointer
     */
    public function __construct(private array $fields, private array $typed, private UnitSystem $system) {}

    /**
     * The document with what was typed; a text that still reads as it was shown changes nothing, so that no figure drifts by being
     * shown in other units.
     *
     * @param array<string, mixed> $document
     *
     * @return array<string, mixed>
     *
     * @throws ValidationException at the fields that cannot be read
     */
    public function in(array $document): array
    {
        [$changed, $errors, $words] = [$document, [], new Words($this->system)];
        foreach ($this->fields as $field) {
            $text = $this->text($field);
            if ($text === null || $text === $field->text($document, $this->system)) {
                continue;
            }
            try {
                $changed = $this->put($changed, $field, $text);
            } catch (UnreadableQuantity $refusal) {
                $errors["f.{$field->pointer}"] = "{$field->label()}: {$words->refusal($refusal)}";
            }
        }

        return $errors === [] ? $changed : throw ValidationException::withMessages($errors);
    }

    /** What makes no sense, told at its fields. */
    public function refused(PlanRefused $refusal): ValidationException
    {
        $words = new Words($this->system);
        $errors = [];
        foreach ($refusal->problems as $problem) {
            $field = $this->fieldAt($problem->pointer);
            $errors['f.' . ($field->pointer ?? $problem->pointer)][] = ($field === null
                ? '' : "{$field->label()}: ") . $words->finding($problem);
        }

        return ValidationException::withMessages($errors);
    }

    private function text(Field $field): ?string
    {
        $text = array_key_exists($field->pointer, $this->typed) ? $this->typed[$field->pointer] ?? '' : null;

        return is_string($text) ? trim($text) : null;
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return array<string, mixed>
     */
    private function put(array $document, Field $field, string $text): array
    {
        if ($text === '') {
            return $field->optional
                ? Document::without($document, $field->pointer)
                : throw UnreadableQuantity::empty($field->kind->example($this->system));
        }
        if ($field->choices !== [] && !array_key_exists($text, $field->choices)) {
            throw UnreadableQuantity::noChoice($text, array_values($field->choices));
        }
        $value = $field->isYesOrNo() ? $text === 'yes' : $field->kind->parse($text, $this->system);

        return Document::with($document, $field->pointer, $value);
    }

    private function fieldAt(string $pointer): ?Field
    {
        foreach ($this->fields as $field) {
            if ($field->pointer === $pointer) {
                return $field;
            }
        }

        return null;
    }
}

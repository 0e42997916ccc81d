<?php

declare(strict_types=1);

namespace App\Interchange\Form;

use App\Words\Words;
use Illuminate\Validation\ValidationException;
use Pensilis\Exception\UnreadableQuantity;
use Pensilis\PlanFile\Document;
use Pensilis\PlanFile\PlanRefused;
use Pensilis\Quantity\UnitSystem;

/** Texts typed into fields of a plan file: read into a document, and what is wrong with them told at their fields. */
final readonly class TypedFields
{
    /**
     * @param list<Field>                 $fields
     * @param array<array-key, mixed>     $typed  texts by JSON pointer
     * @param array<string, list<string>> $shown  what stood there when it was typed over, where that is known
     */
    public function __construct(private array $fields, private array $typed, private UnitSystem $system, private array $shown = []) {}

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
                $errors["f.{$field->pointer}"] = "{$field->alone($document)}: {$words->refusal($refusal)}";
            }
        }

        return $errors === [] ? $changed : throw ValidationException::withMessages($errors);
    }

    /**
     * Fields that say neither what was shown nor what was typed: somebody else has changed them.
     *
     * @param array<string, mixed> $document
     *
     * @return list<Conflict>
     */
    public function conflicts(array $document): array
    {
        $conflicts = [];
        foreach ($this->fields as $field) {
            $text = $this->text($field);
            $shown = $this->shown[$field->pointer] ?? null;
            $now = $text === null || $shown === null ? null : $field->text($document, $this->system);
            if ($text === null || $shown === null || $now === null || $now === $text || in_array($now, $shown, true)) {
                continue;
            }
            // What was typed before is written otherwise once it is stored: 1/2 in, 12,5.
            $alike = array_map(fn(string $one): string => $this->asWritten($document, $field, $one), [...$shown, $text]);
            if (!in_array($now, $alike, true)) {
                $conflicts[] = new Conflict($field->pointer, $field->label(), $now, $text);
            }
        }

        return $conflicts;
    }

    /** @param array<string, mixed> $document */
    private function asWritten(array $document, Field $field, string $text): string
    {
        try {
            return $field->text($this->put($document, $field, $text), $this->system);
        } catch (UnreadableQuantity) {
            return $text;
        }
    }

    /**
     * What makes no sense, told at its fields.
     *
     * @param array<string, mixed> $document
     */
    public function refused(PlanRefused $refusal, array $document): ValidationException
    {
        $words = new Words($this->system);
        $errors = [];
        foreach ($refusal->problems as $problem) {
            $field = $this->fieldAt($problem->pointer) ?? $this->typedNear($problem->pointer);
            $errors['f.' . ($field->pointer ?? $problem->pointer)][] = ($field === null
                ? '' : "{$field->alone($document)}: ") . $words->finding($problem);
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
        $value = $field->isYesOrNo() ? $text === 'yes'
            : DepthOfAmount::read($document, $field->pointer, $text) ?? $field->kind->parse($text, $this->system);

        return Document::with($document, $field->pointer, $value);
    }

    /** What was typed that a problem of a larger place comes from: in that place if any, else the first. */
    private function typedNear(string $pointer): ?Field
    {
        $typed = array_values(array_filter($this->fields, fn(Field $field): bool => $this->text($field) !== null));
        $near = array_values(array_filter($typed, fn(Field $field): bool => str_starts_with($field->pointer, "{$pointer}/")));

        return $near[0] ?? $typed[0] ?? null;
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

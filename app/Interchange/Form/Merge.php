<?php

declare(strict_types=1);

namespace App\Interchange\Form;

use Pensilis\PlanFile\Document;
use Pensilis\Quantity\UnitSystem;

/** What was typed into a form, put together field by field with what others have changed since it was shown. */
final readonly class Merge
{
    /**
     * @param Typed          $typed     at the places where things are now
     * @param TypedFields    $texts     the same, to be read into the document
     * @param list<Conflict> $conflicts fields that two have changed
     */
    private function __construct(public Typed $typed, public TypedFields $texts, public array $conflicts) {}

    /**
     * @param list<Field>          $fields   of the document as it is now
     * @param array<string, mixed> $seen     what the form showed
     * @param array<string, mixed> $document as it is now
     */
    public static function of(Typed $typed, array $fields, array $seen, array $document, UnitSystem $system): self
    {
        $gone = [];
        if ($seen !== $document) {
            $before = [];
            foreach ((new PlanFields($seen))->all() as $field) {
                $before[$field->pointer] = $field;
            }
            // A form without script says all that it shows.
            $typed = $typed->shown !== []
                ? $typed
                : $typed->against(array_map(fn(Field $field): string => $field->text($seen, $system), $before));
            $moved = new Moved($seen, $document);
            foreach ($typed->texts as $pointer => $text) {
                if (isset($before[$pointer]) && $moved->now($pointer) === null) {
                    $gone[] = new Conflict($pointer, $before[$pointer]->alone($seen), null, $text);
                }
            }
            $typed = $typed->moved($moved);
        }
        $texts = new TypedFields($fields, $typed->texts, $system, $typed->shown);

        $labels = array_combine(array_column($fields, 'pointer'), $fields);
        $disputed = array_map(
            fn(Conflict $one): Conflict => $one->labelled($labels[$one->pointer]->alone($document)),
            $texts->conflicts($document),
        );

        return new self($typed, $texts, [...$gone, ...$disputed]);
    }

    /** @return array<string, string> what was typed and nobody else has changed, by pointer */
    public function undisputed(): array
    {
        return array_diff_key($this->typed->texts, array_flip(array_column($this->conflicts, 'pointer')));
    }
}

<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Interchange\Form\Field;
use Pensilis\Quantity\UnitSystem;

/** What stands in the fields of a form: the values of a plan file, or what was typed and refused. */
final readonly class FieldTexts
{
    /** @var array<array-key, mixed> what was typed and refused, by pointer */
    private array $old;

    /** @param array<string, mixed> $document */
    public function __construct(private array $document, private UnitSystem $system)
    {
        $old = old('f');
        $this->old = is_array($old) ? $old : [];
    }

    public function typed(Field $field, string $shown): string
    {
        $old = $this->old[$field->pointer] ?? null;

        return is_string($old) ? $old : $shown;
    }

    /** What stands there when nothing was typed. */
    public function shown(Field $field): string
    {
        return $field->text($this->document, $this->system);
    }

    public function tip(Field $field): string
    {
        return $field->tip($this->system);
    }

    /**
     * All that some fields show when nothing was typed, so that only what was changed is taken from a form.
     *
     * @param list<Field>           $fields
     * @param array<string, string> $more   that the form shows besides
     */
    public function saw(array $fields, array $more = []): string
    {
        foreach ($fields as $field) {
            $more[$field->pointer] = $this->shown($field);
        }

        return json_encode($more, JSON_THROW_ON_ERROR);
    }
}

<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Interchange\Form\Field;
use App\Interchange\Shelf\SupplyFields;
use App\Interchange\Shelf\SupplySheet;
use App\Models\Supply;
use App\Words\Words;
use Pensilis\Quantity\UnitSystem;

/** A thing on the shelf as its page shows it. */
final readonly class SupplyView
{
    /** @var list<Field> what plans say of it */
    public array $fields;

    /** @var array<string, mixed> a plan file with it in its place */
    private array $whole;

    public function __construct(public Supply $supply, private UnitSystem $system)
    {
        $this->fields = SupplyFields::of($supply->document, $supply->kind);
        $this->whole = SupplySheet::example($supply->document, $supply->kind);
    }

    /** The text of a field, or what was typed and refused. */
    public function typed(Field $field, string $shown): string
    {
        $old = old("f.{$field->pointer}");

        return is_string($old) ? $old : $shown;
    }

    /** What stands there when nothing was typed. */
    public function shown(Field $field): string
    {
        return $field->text($this->whole, $this->system);
    }

    /** All that the form shows when nothing was typed, so that only what was changed is taken from it. */
    public function saw(): string
    {
        $said = $this->supply->plain();
        foreach ($this->fields as $field) {
            $said[$field->pointer] = $this->shown($field);
        }

        return json_encode($said, JSON_THROW_ON_ERROR);
    }

    /** @return array<string, array{string, string}> label and value of what the shelf itself says, by name */
    public function plain(): array
    {
        $unit = Words::say("shelf.units.{$this->supply->kind->value}");
        $plain = [];
        foreach ($this->supply->plain() as $key => $kept) {
            $plain[$key] = [Words::say("shelf.plain.{$key}", ['unit' => $unit]), $kept];
        }

        return $plain;
    }

    public function tip(Field $field): string
    {
        return $field->tip($this->system);
    }
}

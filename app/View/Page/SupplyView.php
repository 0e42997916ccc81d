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
    public function __construct(public Supply $supply, private UnitSystem $system) {}

    /** @return list<Field> what plans say of it */
    public function fields(): array
    {
        return SupplyFields::of($this->supply->document, $this->supply->kind);
    }

    /** The text of a field, or what was typed and refused. */
    public function typed(Field $field): string
    {
        $old = old("f.{$field->pointer}");

        return is_string($old) ? $old : $field->text(SupplySheet::example($this->supply->document, $this->supply->kind), $this->system);
    }

    /** @return array<string, array{string, string}> label and value of what the shelf itself says, by name */
    public function plain(): array
    {
        $unit = Words::say("shelf.units.{$this->supply->kind->value}");
        $keys = ['name', 'pack_price', 'pack_amount', 'stock', 'low', 'lot', 'bought_on', 'keeps_months'];
        $plain = [];
        foreach ($keys as $key) {
            $kept = $key === 'bought_on' ? $this->supply->bought_on?->format('Y-m-d') : $this->supply->getAttribute($key);
            $plain[$key] = [Words::say("shelf.plain.{$key}", ['unit' => $unit]), is_scalar($kept) ? (string) $kept : ''];
        }

        return $plain;
    }
}

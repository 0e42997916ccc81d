<?php

declare(strict_types=1);

namespace App\View;

use App\Interchange\Field;
use App\Interchange\SupplyFields;
use App\Interchange\SupplySheet;
use App\Models\Supply;
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
        $unit = $this->supply->kind->unit();
        $labels = ['name' => 'Name', 'pack_price' => 'Price of a pack', 'pack_amount' => "A pack holds, {$unit}", 'stock' => "In stock, {$unit}", 'low' => "Warn below, {$unit}",
            'lot'         => 'Lot', 'bought_on' => 'Bought on (2026-03-02)', 'keeps_months' => 'Keeps, months'];
        $plain = [];
        foreach ($labels as $key => $label) {
            $kept = $key === 'bought_on' ? $this->supply->bought_on?->format('Y-m-d') : $this->supply->getAttribute($key);
            $plain[$key] = [$label, is_scalar($kept) ? (string) $kept : ''];
        }

        return $plain;
    }
}

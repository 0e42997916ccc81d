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

    public FieldTexts $texts;

    public function __construct(public Supply $supply, UnitSystem $system)
    {
        $this->fields = SupplyFields::of($supply->document, $supply->kind);
        $this->texts = new FieldTexts(SupplySheet::example($supply->document, $supply->kind), $system);
    }

    /** All that the form shows when nothing was typed. */
    public function saw(): string
    {
        return $this->texts->saw($this->fields, $this->supply->plain());
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
}

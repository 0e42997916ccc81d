<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Interchange\Form\Field;
use App\Interchange\Shelf\SupplyFields;
use App\Interchange\Shelf\SupplySheet;
use App\Models\Components;
use App\Models\Supply;
use App\Words\Words;
use Pensilis\Quantity\UnitSystem;

/** A thing on the shelf as its page shows it. */
final readonly class SupplyView
{
    /** @var list<Field> what plans say of it */
    public array $fields;

    public FieldTexts $texts;

    /** @param array<string, array<string, int>> $cameOut what came of own mixes of it */
    public function __construct(public Supply $supply, UnitSystem $system, private array $cameOut = [])
    {
        $this->fields = SupplyFields::of($supply->document, $supply->kind);
        $this->texts = new FieldTexts(SupplySheet::example($supply->document, $supply->kind), $system);
    }

    /** All that the form shows when nothing was typed. */
    public function saw(): string
    {
        return $this->texts->saw($this->fields, $this->supply->plain() + ['counted' => (string) $this->supply->counted]);
    }

    /** What is there of A and of B, and of which there is more than the other asks for; nothing where they are not counted. */
    public static function parts(Supply $supply): string
    {
        $components = Components::of($supply);
        if ($components?->areCounted() !== true) {
            return '';
        }
        [$part, $over] = $components->over();
        $said = fn(?float $grams): string => Words::say('shelf.amount', ['amount' => number_format((float) $grams), 'unit' => 'g']);

        return Words::say('shelf.parts', ['a' => $said($supply->stock_a), 'b' => $said($supply->stock_b)])
            . ($over < 0.5 ? '' : '; ' . Words::say('shelf.over', ['what' => strtoupper($part), 'over' => $said($over)]));
    }

    /** @return list<string> what own mixes of it say: how often how many bubbles stayed, and how clear it was */
    public function cameOut(): array
    {
        $lines = [];
        foreach ($this->cameOut as $what => $counts) {
            arsort($counts);
            foreach ($counts as $said => $count) {
                $lines[] = Words::say('pour.came-out.told', [
                    'count' => $count, 'all' => array_sum($counts), 'said' => Words::say("pour.came-out.{$what}-of.{$said}"),
                ]);
            }
        }

        return $lines;
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

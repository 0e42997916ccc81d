<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Words\Figures;
use App\Words\Words;
use Pensilis\Quantity\Known;
use Pensilis\Simulation\WhatIf;
use Pensilis\Thermal\SimulatedPour;

/** A pour beside the same with one thing otherwise, in figures no finer than known. */
final readonly class Otherwise
{
    /** @param list<WhatIf> $all */
    public function __construct(private Figures $figures, private array $all) {}

    /** @return list<array{string, string, string, string, string}> condition, peak, gel, and when recoat opens and closes */
    public function lines(): array
    {
        return array_map(
            fn(WhatIf $one): array => $this->line(Words::say("cure.if.conditions.{$one->condition->value}"), $one->pour),
            $this->all,
        );
    }

    /** @return array{string, string, string, string, string} */
    private function line(string $condition, SimulatedPour $pour): array
    {
        return [
            $condition,
            $this->figures->heat(round($pour->peakCelsius)) . ($pour->isRunaway() ? ' ' . Words::say('cure.if.runs-away') : ''),
            $this->figures->span($pour->gelFirst === null ? null : Known::near($pour->gelFirst)),
            ...array_map($this->figures->span(...), Known::between(...$pour->recoat())),
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\View\Drawing;

use Pensilis\Layout\Layout;
use Pensilis\Layout\SideAppearance;
use Pensilis\Plan\Plan;

/** What will be seen through the front of a piece that is looked at from its sides, to the scale of its section. */
final readonly class SideDrawing
{
    private const COLUMNS = 120;

    private SideAppearance $appearance;

    public function __construct(private Plan $plan, private Layout $layout, public SectionDrawing $section)
    {
        $this->appearance = SideAppearance::of($plan, $layout);
    }

    /** @return array<string, string> SVG path data by colour */
    public function paths(): array
    {
        $paths = [];
        foreach ($this->layout->pours as $k => $pour) {
            $half = $this->plan->vessel->shape->sectionAt(0.5 * ($pour->bottom + $pour->top))->support(1.0, 0.0)[0];
            [$top, $bottom] = [$this->section->y($pour->top), $this->section->y($pour->bottom)];
            [$begun, $shade] = [-$half, null];
            for ($n = 0; $n <= self::COLUMNS; $n++) {
                $x = -$half + 2.0 * $half * ($n + 0.5) / self::COLUMNS;
                $next = $n === self::COLUMNS ? null : $this->appearance->shade($k, $x)->toHex();
                if ($shade !== null && $next !== $shade) {
                    [$left, $right] = [$this->section->x($begun), $this->section->x(-$half + 2.0 * $half * $n / self::COLUMNS)];
                    $paths[$shade] = ($paths[$shade] ?? '') . "M{$left} {$top}H{$right}V{$bottom}H{$left}z";
                    $begun = -$half + 2.0 * $half * $n / self::COLUMNS;
                }
                $shade = $next;
            }
        }

        return $paths;
    }

    /** @return list<array{drawn: DrawnObject, shade: string, shows: float}> */
    public function objects(): array
    {
        $objects = [];
        foreach ($this->section->objects() as $drawn) {
            $object = $this->plan->inclusions[$drawn->index];
            $objects[] = [
                'drawn' => $drawn, 'shade' => $this->appearance->objectAt($object)->toHex(),
                'shows' => $this->appearance->showsOf($object),
            ];
        }

        return $objects;
    }
}

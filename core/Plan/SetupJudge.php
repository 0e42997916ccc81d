<?php

declare(strict_types=1);

namespace Pensilis\Plan;

use Pensilis\Material\Inclusion;
use Pensilis\Quantity\Figure;

/** What stands against the purpose of the piece and the way its vessel stands. */
final readonly class SetupJudge
{
    /** A slope may take so much of the shallowest pour. */
    private const SHARE = 0.2;

    public function __construct(private Plan $plan, private Layout $layout) {}

    /** @return list<Notice> */
    public function notices(): array
    {
        return array_values(array_filter([$this->deflection(), $this->thickness(), ...$this->fittings(), $this->slope(), $this->margin(), $this->test()]));
    }

    private function deflection(): ?Notice
    {
        $service = $this->plan->purpose->service;
        $least = $service->leastDeflection();
        $resin = $this->plan->resin();
        $bears = $resin->sheet->deflection;
        if ($least === null || ($bears !== null && $bears >= $least)) {
            return null;
        }

        return new Notice('heat-rating', sprintf(
            'A piece %s wants a resin that bears %s °C; the sheet of “%s” says %s. Use one that does, or a heat-resistant top coat, as its label tells.',
            $service->words(),
            Figure::short($least, 0),
            $resin->name,
            $bears === null ? 'nothing of it' : Figure::short($bears, 0) . ' °C',
        ), '/resins/0/sheet/heat_deflection_celsius');
    }

    private function thickness(): ?Notice
    {
        $least = $this->plan->purpose->service->leastThickness();
        $has = $this->plan->vessel->fill;
        if ($has >= $least) {
            return null;
        }
        $mend = $this->plan->vessel->shape->height() < $least ? null
            : new Mend('Fill to ' . self::mm($least) . ' mm', '/vessel/fill_mm', round(1e3 * $least, 1));

        return new Notice('too-thin', sprintf(
            'A piece %s wants at least %s mm; this one is filled to %s mm.',
            $this->plan->purpose->service->words(),
            self::mm($least),
            self::mm($has),
        ), '/vessel/fill_mm', $mend);
    }

    /** @return list<Notice> */
    private function fittings(): array
    {
        $notices = [];
        $thickness = $this->layout->level();
        foreach ($this->plan->purpose->fittings as $n => $fitting) {
            if ($fitting->depth > 0.5 * $thickness + 1e-9) {
                $notices[] = new Notice('hole-too-deep', sprintf(
                    'The hole for the %s, %s mm, goes deeper than half the thickness of %s mm; drill at most %s mm.',
                    $fitting->kind,
                    self::mm($fitting->depth),
                    self::mm($thickness),
                    self::mm(0.5 * $thickness),
                ), "/purpose/fittings/{$n}/depth_mm", new Mend('Make it ' . self::mm(0.5 * $thickness) . ' mm', "/purpose/fittings/{$n}/depth_mm", round(500.0 * $thickness, 1)));
            }
            foreach ($this->plan->inclusions as $i => $inclusion) {
                if ($this->reachesUnder($inclusion, $fitting, $thickness)) {
                    $notices[] = new Notice('under-fitting', sprintf(
                        '“%s” lies where the %s is drilled; move one of them.',
                        $inclusion->id,
                        $fitting->kind,
                    ), "/inclusions/{$i}/at_mm");
                }
            }
        }

        return $notices;
    }

    private function reachesUnder(Inclusion $inclusion, Fitting $fitting, float $thickness): bool
    {
        $bottom = $this->layout->bottomOf($inclusion);
        [$from, $to] = $fitting->zone($thickness);
        $cut = $inclusion->solid->sectionAt(max(0.0, $from - $bottom));
        if ($bottom >= $to || $bottom + $inclusion->solid->height() <= $from) {
            return false;
        }
        foreach ($inclusion->places as [$x, $y]) {
            [$dx, $dy] = [$fitting->x - $x, $fitting->y - $y];
            $far = hypot($dx, $dy);
            [$px, $py] = $far > 0.0 ? $cut->support($dx, $dy) : [0.0, 0.0];
            if ($far < $fitting->radius + ($far > 0.0 ? ($px * $dx + $py * $dy) / $far : 0.0)) {
                return true;
            }
        }

        return false;
    }

    private function slope(): ?Notice
    {
        $rise = $this->plan->setup->rise($this->plan->vessel);
        if ($rise <= 0.0 || $this->layout->pours === []) {
            return null;
        }
        $depths = array_map(fn(LaidPour $pour): float => $pour->depth(), $this->layout->pours);
        $k = (int) array_search(min($depths), $depths, true);

        return $rise <= self::SHARE * $depths[$k] ? null : new Notice('tilted', sprintf(
            'The bench slopes: across the vessel it rises %s mm, and pour %d is %s mm deep. Shim it until it rises less than %s mm.',
            Figure::fixed(1e3 * $rise, 1),
            $k + 1,
            self::mm($depths[$k]),
            Figure::fixed(1e3 * self::SHARE * $depths[$k], 1),
        ), '/vessel/level/rise_mm');
    }

    private function margin(): ?Notice
    {
        $rise = $this->plan->setup->rise($this->plan->vessel);
        $free = $this->plan->vessel->shape->height() - $this->layout->level();
        // Half of the rise lifts one side, half of it lowers the other.
        if ($rise <= 0.0 || 0.5 * $rise <= $free + 1e-9) {
            return null;
        }
        $fill = $this->plan->vessel->shape->height() - 0.5 * $rise;

        return new Notice('runs-over', sprintf(
            'With the slope the low side stands %s mm higher than the middle, and only %s mm are free below the rim: it runs over.',
            Figure::fixed(500.0 * $rise, 1),
            self::mm(max(0.0, $free)),
        ), '/vessel/fill_mm', new Mend('Fill to ' . Figure::short(floor(1e4 * $fill) / 10.0, 1) . ' mm', '/vessel/fill_mm', floor(1e4 * $fill) / 10.0));
    }

    /** One notice for all that may change colour. */
    private function test(): ?Notice
    {
        $fading = array_filter($this->plan->inclusions, fn(Inclusion $one): bool => $one->substance->fades);
        $names = array_map(fn(Inclusion $one): string => "“{$one->id}”", array_values($fading));

        return $names === [] ? null : new Notice('test-first', sprintf(
            '%s may change colour in resin: cast a test piece first, sealed alike, and look at it after a week.',
            count($names) < 4 ? implode(', ', $names) : "{$names[0]}, {$names[1]} and " . (count($names) - 2) . ' more',
        ), '/inclusions/' . array_key_first($fading) . '/material/fades');
    }

    private static function mm(float $metres): string
    {
        return Figure::short(1e3 * $metres, 1);
    }
}

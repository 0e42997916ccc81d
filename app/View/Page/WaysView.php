<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Models\Piece;
use App\Words\Figures;
use App\Words\Words;
use Pensilis\Answer\Aim;
use Pensilis\Answer\Measures;
use Pensilis\Answer\Offers;
use Pensilis\Answer\PlanAnswer;
use Pensilis\Layout\LaidPour;
use Pensilis\Material\Hold;
use Pensilis\Material\Inclusion;
use Pensilis\Quantity\Known;
use Pensilis\Quantity\UnitSystem;

/** Ways to pour a piece, side by side, as a page shows them: its own pours first, where it has some. */
final readonly class WaysView
{
    /** Height of a drawn fill. */
    public const DRAWN = 120.0;

    private Figures $figures;

    /** @var list<PlanAnswer> */
    private array $all;

    public function __construct(public Piece $piece, private Offers $offers, ?PlanAnswer $own, UnitSystem $units)
    {
        $plan = $piece->plan();
        $this->figures = new Figures($units, $plan->studio->clock);
        $this->all = $plan->pours === [] || $own?->measures() === null ? $offers->all : [$own, ...$offers->all];
    }

    public function count(): int
    {
        return count($this->all);
    }

    /** Whether the first is what the piece gives itself. */
    public function hasOwn(): bool
    {
        return $this->count() > count($this->offers->all);
    }

    /** Its number among the offers; null of what the piece gives itself. */
    public function number(int $column): ?int
    {
        $number = $column - (int) $this->hasOwn();

        return $number < 0 ? null : $number;
    }

    public function head(int $column): string
    {
        $number = $this->number($column);
        if ($number === null) {
            return Words::say('ways.own');
        }
        $gains = array_map(fn(Aim $aim): string => Words::say("ways.gains.{$aim->value}"), $this->offers->gains($number));
        $better = ucfirst(implode(', ', $gains));

        return match (true) {
            $number === 0 || $gains === []           => Words::say($this->hasOwn() ? 'ways.found' : 'ways.planned'),
            isset($this->offers->elsewhere[$number]) => Words::say('ways.elsewhere', ['better' => $better]),
            default                                  => $better,
        };
    }

    /** @return array<string, list<string>> what each is by every measure, by its name */
    public function lines(): array
    {
        $pressed = array_merge(...array_map(self::pressed(...), $this->all)) === [] ? [] : [
            'pressed' => fn(PlanAnswer $one): string => self::pressed($one) === []
                ? Words::say('ways.none-of-it') : implode(', ', self::pressed($one)),
        ];
        $says = [
            'resin' => fn(PlanAnswer $one): string => implode(', ', array_unique(
                array_map(fn(LaidPour $pour): string => $pour->resin->name, $one->layout->pours ?? []),
            )),
            'pours'  => fn(PlanAnswer $one, Measures $is): string => (string) $is->pours,
            'depths' => fn(PlanAnswer $one): string => implode(' · ', $this->depths($one)),
            ...$pressed,
            'last'  => fn(PlanAnswer $one, Measures $is): string => $this->figures->moment($is->hours),
            'cured' => fn(PlanAnswer $one): string => $this->figures->moment(Known::up($one->hours())),
            'heat'  => fn(PlanAnswer $one, Measures $is): string => $this->figures->heat(round($is->celsius)),
            'off'   => fn(PlanAnswer $one, Measures $is): string => $is->off < 5e-5
                ? Words::say('ways.none-of-it') : $this->figures->length($is->off),
            'sanded' => fn(PlanAnswer $one, Measures $is): string => (string) $is->sanded,
            'mixed'  => fn(PlanAnswer $one, Measures $is): string => $this->figures->mass($is->mixed),
            'lost'   => fn(PlanAnswer $one, Measures $is): string => $this->figures->mass($is->lost),
        ];

        return array_map(fn(callable $say): array => array_map(function (PlanAnswer $one) use ($say): string {
            $is = $one->measures();

            return $is === null ? '' : $say($one, $is);
        }, $this->all), $says);
    }

    /** @return list<string> what it presses into tack */
    private static function pressed(PlanAnswer $one): array
    {
        $pressed = array_filter($one->plan->inclusions, fn(Inclusion $object): bool => $object->hold === Hold::Tack);

        return array_map(fn(Inclusion $object): string => $object->id, array_values($pressed));
    }

    /** @return list<array{y: float, height: float, number: int}> the pours of one, drawn from the floor up */
    public function bands(int $column): array
    {
        $pours = $this->all[$column]->layout->pours ?? [];
        $scale = self::DRAWN / max(1e-9, ...array_map(fn(LaidPour $pour): float => $pour->top, $pours));

        return array_map(fn(LaidPour $pour, int $k): array => [
            'y' => self::DRAWN - $scale * $pour->top, 'height' => $scale * $pour->depth(), 'number' => $k + 1,
        ], $pours, array_keys($pours));
    }

    /** @return list<string> */
    private function depths(PlanAnswer $one): array
    {
        return array_map(fn(LaidPour $pour): string => $this->figures->length($pour->depth()), $one->layout->pours ?? []);
    }
}

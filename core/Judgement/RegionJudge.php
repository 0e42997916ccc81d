<?php

declare(strict_types=1);

namespace Pensilis\Judgement;

use Pensilis\Colour\Recipe;
use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Finding\Mend;
use Pensilis\Layout\LaidPour;
use Pensilis\Layout\Portion;
use Pensilis\Plan\Application;
use Pensilis\Plan\Applied;
use Pensilis\Quantity\Length;
use Pensilis\Quantity\Number;
use Pensilis\Quantity\Share;

/**
 * What stands against the regions of one coat: no room, a boundary that will move, neighbours that do not get on, or inks that are dropped
 * on each other and do not; and that one which is poured thin and left runs together, as it is meant.
 */
final readonly class RegionJudge implements Judge
{
    /** A boundary that moves less is not seen to, m (memory). */
    private const STILL = 1e-3;

    /** What drops spread to where they meet: about 0.3 in 10 ml is transparent (common practice), seen through so much, m (memory). */
    private const WASH = 0.3;

    private const WASH_DEPTH = 0.02;

    /** A region with less of the plan than this has no room at all, a share. */
    private const NOWHERE = 1e-6;

    /**
     * @param int                   $k          index of the pour
     * @param list<array{int, int}> $neighbours regions that share a boundary
     */
    public function __construct(private LaidPour $pour, private int $k, private array $neighbours) {}

    /** @return list<Finding> */
    public function findings(): array
    {
        $shifts = $this->shifts();
        $found = [];
        foreach ($this->pour->portions->all as $portion) {
            $found[] = $this->place($portion, $shifts);
        }

        return [...array_values(array_filter($found)), ...$this->met()];
    }

    /**
     * How far the edges of regions move once level, m outward; null where a region has no room for what it gets.
     *
     * @return array<int, float|null> by region
     */
    private function shifts(): array
    {
        $shifts = [];
        foreach ($this->pour->portions->all as $portion) {
            $given = $portion->index < 0 || $portion->area <= self::NOWHERE ? null : $this->pour->coat->zones[$portion->index]->share;
            $settled = $given === null || abs($given - $portion->takes) < 1e-4;
            $shifts[$portion->index] = $settled
                ? 0.0
                : $this->pour->portions->parcels->shift($portion->index, $this->pour->portions->levelled($portion));
        }

        return $shifts;
    }

    /**
     * A region that has no room, or more or less mix than its area takes. An edge that a neighbour pushes is told there.
     *
     * @param array<int, float|null> $shifts
     */
    private function place(Portion $portion, array $shifts): ?Finding
    {
        if ($portion->index < 0) {
            return null;
        }
        $at = $portion->pointer($this->k);
        if ($portion->area <= self::NOWHERE) {
            return Finding::of(Code::RegionNowhere, $at, ['pour' => Number::count($this->k + 1)], ['region' => $portion->name]);
        }
        $shift = $shifts[$portion->index];
        if ($shift !== null && (abs($shift) < self::STILL || ($shift < 0.0 && $this->isPushed($portion->index, $shifts)))) {
            return null;
        }
        $code = match (true) {
            $shift === null => Code::RegionOverfull,
            $shift > 0.0    => Code::RegionInvades,
            default         => Code::RegionInvaded,
        };
        $mend = new Mend("{$at}/share_pct", round(100.0 * $portion->takes, 1));

        return Finding::of($code, $mend->pointer, [
            'pour'  => Number::count($this->k + 1), 'given' => Share::percent(100.0 * $portion->share),
            'takes' => Share::percent(100.0 * $portion->takes),
        ] + ($shift === null ? [] : ['shift' => Length::metres(abs($shift))]), ['region' => $portion->name], $mend);
    }

    /** @param array<int, float|null> $shifts */
    private function isPushed(int $index, array $shifts): bool
    {
        foreach ($this->neighbours as [$one, $other]) {
            if (
                ($one === $index && ($shifts[$other] ?? 0.0) >= self::STILL)
                || ($other === $index && ($shifts[$one] ?? 0.0) >= self::STILL)
            ) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Finding> neighbours that run together or dull each other where they meet */
    private function met(): array
    {
        [$found, $runs] = [[], null];
        foreach ($this->neighbours as [$one, $other]) {
            [$first, $second] = [$this->pour->coat->recipe($one), $this->pour->coat->recipe($other)];
            if ($first->isClear() || $second->isClear()) {
                continue;
            }
            $names = ['region' => $this->pour->coat->nameOf($one), 'other' => $this->pour->coat->nameOf($other)];
            $at = "/pours/{$this->k}/zones/{$other}";
            if ($first->muddies($second, $this->pour->depth())) {
                $found[] = Finding::of(Code::MuddyEdge, $at, ['pour' => Number::count($this->k + 1)], $names);
            } elseif ($this->pour->coat->merges) {
                // It is wished for: one word for the whole coat.
                $runs ??= Finding::of(Code::RunsTogether, "/pours/{$this->k}/pattern", ['pour' => Number::count($this->k + 1)]);
            }
        }

        return [...$found, ...($runs === null ? [] : [$runs]), ...$this->dropped()];
    }

    /** @return list<Finding> inks that are dropped on one another and dull each other */
    private function dropped(): array
    {
        $found = [];
        $wash = fn(Applied $one): Recipe => Recipe::of($one->colour === null ? [] : [[$one->colour, self::WASH]]);
        $drops = array_values(array_filter($this->pour->coat->applied, fn(Applied $one): bool => $one->application === Application::Drops));
        foreach ($drops as $n => $one) {
            foreach (array_slice($drops, $n + 1) as $other) {
                if ($one->meets($other) && $wash($one)->muddies($wash($other), self::WASH_DEPTH)) {
                    $found[] = Finding::of(Code::MuddyDrops, "/pours/{$this->k}/applied", ['pour' => Number::count($this->k + 1)], [
                        'colour' => $one->colour->name ?? '', 'other' => $other->colour->name ?? '',
                    ]);
                }
            }
        }

        return $found;
    }
}

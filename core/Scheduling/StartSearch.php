<?php

declare(strict_types=1);

namespace Pensilis\Scheduling;

use function array_map;
use function array_slice;
use function count;
use function is_finite;
use function max;
use function min;
use function round;
use function usort;

/**
 * Start times for a chain of pours: inside the working hours, one thing at a time, with bonded joints where they
 * can be had.
 *
 * Cost: days until the last start, and so many for every sanded joint. Candidates: first starts within a week by half hours,
 * bonded ones spread over their window, sanded ones on four days, those onto wet resin before that gels, each on a quarter of an hour
 * where that fits. Pour by pour, as what is left to do depends only on the pour and its start: of equal starts the cheapest goes on, and
 * of all the so many cheapest, which are all where the pours are few (dynamic programming with a beam). Hours of the plan.
 */
final class StartSearch
{
    private const FIRST_WITHIN = 168.0;

    private const STEP = 0.5;

    private const MOST_FIRST = 60;

    private const MOST_WAITING = 240;

    /** Beyond the moment at which a later pour would be bonded as soon as its objects are ready, h. */
    private const WAITING = 48.0;

    private const MOST_BONDED = 6;

    /** Starts of a pour that are gone on from. */
    private const MOST_KEPT = 400;

    /** Starts closer than that are one, h. */
    private const SAME = 0.01;

    /** Kept from both ends of a window, as windows shift a little with the room, h. */
    private const MARGIN = 0.25;

    private readonly WorkingHours $hours;

    /**
     * @param list<PourWork>            $work
     * @param list<Window>              $windows after each pour; that of the last one is not needed
     * @param float                     $sanding days that a sanded joint is worth to wait for
     * @param list<array{float, float}> $busy    when the artist does something else
     */
    public function __construct(
        WorkingHours $hours,
        private readonly array $work,
        private readonly array $windows,
        private readonly float $sanding = 4.0,
        array $busy = [],
    ) {
        $this->hours = $hours->without($busy);
    }

    /** @return list<float>|null start of every pour; null where the hours leave no room */
    public function find(): ?array
    {
        if ($this->work === []) {
            return [];
        }
        $layers = [array_map(fn(float $start): array => [$start, 0.0, null], $this->first())];
        for ($k = 0; isset($this->work[$k + 1]); $k++) {
            $layers[] = $this->onwards($k, $layers[$k]);
        }

        return self::traced($layers);
    }

    /**
     * Starts of the first pour: as soon as it can be, or so late that what goes into a later one is ready within the windows between.
     *
     * @return list<float>
     */
    private function first(): array
    {
        if ($this->work[0]->begun !== null) {
            return [$this->work[0]->begun];
        }
        [$ready, $soonest, $latest] = [$this->work[0]->ready, 0.0, 0.0];
        $lead = Session::PREPARING + $this->work[0]->lead;
        $starts = $this->slots(0, $ready, $ready + self::FIRST_WITHIN, $lead, self::MOST_FIRST);
        for ($k = 1; isset($this->work[$k]); $k++) {
            $window = $this->windows[$k - 1];
            $soonest += $this->work[$k]->isOnWet ? $this->work[$k - 1]->hours : $window->opens;
            $latest += $this->work[$k]->isOnWet ? $window->gels : $window->closes;
            [$from, $to] = [$this->work[$k]->ready - $latest, $this->work[$k]->ready - $soonest + self::WAITING];
            if ($from > $ready && is_finite($from)) {
                array_push($starts, ...$this->slots(0, $from, $to, $lead, self::MOST_WAITING));
            }
        }

        return array_values(array_unique($starts, SORT_REGULAR));
    }

    /**
     * The starts of the next pour that can follow, each with what its joints cost at the least; no more than are worth going on from.
     *
     * @param list<array{float, float, int|null}> $layer of pour k: start, cost of its joints so far, and number in the layer before
     *
     * @return list<array{float, float, int|null}>
     */
    private function onwards(int $k, array $layer): array
    {
        $found = [];
        foreach ($layer as $number => [$start, $cost]) {
            foreach ($this->nextStarts($k, $start) as [$next, $penalty]) {
                $at = (int) round($next / self::SAME);
                if (!isset($found[$at]) || $cost + $penalty < $found[$at][1] - 1e-9) {
                    $found[$at] = [$next, $cost + $penalty, $number];
                }
            }
        }
        usort($found, fn(array $one, array $other): int => self::rank($one) <=> self::rank($other));

        return array_slice($found, 0, self::MOST_KEPT);
    }

    /**
     * @param array{float, float, int|null} $one
     *
     * @return array{float, float} what it costs so far, then its start
     */
    private static function rank(array $one): array
    {
        return [$one[0] / 24.0 + $one[1], $one[0]];
    }

    /**
     * The starts that lead to the cheapest of the last layer.
     *
     * @param non-empty-list<list<array{float, float, int|null}>> $layers
     *
     * @return list<float>|null
     */
    private static function traced(array $layers): ?array
    {
        $last = count($layers) - 1;
        $best = null;
        foreach ($layers[$last] as $number => [$start, $cost]) {
            $all = $start / 24.0 + $cost;
            $best = $best === null || $all < $best[0] - 1e-9 ? [$all, $number] : $best;
        }
        if ($best === null) {
            return null;
        }
        [$starts, $number] = [[], $best[1]];
        for ($k = $last; $k >= 0; $k--) {
            array_unshift($starts, $layers[$k][$number][0]);
            $number = (int) $layers[$k][$number][2];
        }

        return $starts;
    }

    /** @return list<array{float, float}> start of the next pour and what its joint costs */
    private function nextStarts(int $k, float $start): array
    {
        [$window, $begun] = [$this->windows[$k], $this->work[$k + 1]->begun];
        if ($begun !== null) {
            return [[$begun, $window->allows($begun - $start) === Joint::Chemical ? 0.0 : $this->sanding]];
        }
        $ready = $this->work[$k + 1]->ready;
        if ($this->work[$k + 1]->isOnWet) {
            [$from, $to] = [max($start + $this->work[$k]->hours, $ready), $start + $window->gels - self::MARGIN];

            return array_map(fn(float $slot): array => [$slot, 0.0], $this->slots($k + 1, $from, $to, 0.0, self::MOST_BONDED));
        }
        $margin = min(self::MARGIN, 0.25 * ($window->closes - $window->opens));
        $from = max($start + $window->opens + $margin, $ready);
        $next = [];
        $lead = $this->work[$k + 1]->lead;
        foreach ($this->slots($k + 1, $from, $start + $window->closes - $margin - $lead, $lead, self::MOST_BONDED) as $slot) {
            $next[] = [$slot, 0.0];
        }
        $hard = max($start + $window->sanded() - Session::SANDING, $ready);
        $holding = $this->work[$k + 1]->holding;
        if ($holding > 0.0) {
            // Sanded and brushed in one go, then it takes a while to hold.
            $work = Session::SANDING + Session::BRUSHING;
            $hard = ($this->hours->firstFit($hard, $work) ?? $hard) + $work + $holding - Session::BRUSHING;
        }
        $before = $holding > 0.0 ? $lead : Session::SANDING + $lead;
        for ($day = 0; $day < 4; $day++) {
            $slot = $this->slot($k + 1, $hard + 24.0 * $day, $before);
            if ($slot !== null && !$this->leavesRoom($k + 1, $slot)) {
                $slot = $this->slots($k + 1, $slot - $before, $slot - $before + 24.0, $before, 1)[0] ?? null;
            }
            if ($slot !== null) {
                $next[] = [$slot, $this->sanding];
            }
        }

        return $next;
    }

    /** @return list<float> so many starts at the most, spread from one moment to another */
    private function slots(int $k, float $from, float $to, float $lead, int $most): array
    {
        $slots = [];
        $step = $this->hours->areAlways() ? max(self::STEP, ($to - $from) / $most) : self::STEP;
        for ($at = $from; $at <= $to && count($slots) < $most; $at = $slot - $lead + $step) {
            $slot = $this->slot($k, $at, $lead, $to + $lead);
            if ($slot === null || $slot > $to + $lead + 1e-9) {
                break;
            }
            if ($this->leavesRoom($k, $slot)) {
                $slots[] = $slot;
            }
        }

        return $slots;
    }

    /** Whether what must be done on it while it is wet has room in the hours. */
    private function leavesRoom(int $k, float $slot): bool
    {
        return $this->work[$k]->later?->fits($this->hours, $slot) ?? true;
    }

    /**
     * When the cup is first stirred, if what comes before and the work itself shall fit into one free span: on a quarter of an hour where
     * that fits too and is not past the latest.
     */
    private function slot(int $k, float $from, float $lead, float $latest = INF): ?float
    {
        $begin = $this->hours->evenFit($from, $lead + $this->work[$k]->hours, $lead, $latest);

        return $begin === null ? null : $begin + $lead;
    }
}

<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Words\Words;
use DateTimeImmutable;
use Generator;
use Pensilis\Answer\Beside;
use Pensilis\Answer\Errand;
use Pensilis\Answer\Sitting;
use Pensilis\Batching\OneMix;
use Pensilis\Quantity\Duration;
use Pensilis\Scheduling\TaskKind;

/**
 * The day: what can be done with the time at hand, what comes next, what is late, what gets in each other's way, and all pieces on one time
 * line from this midnight on.
 */
final readonly class TodayView
{
    /** Days on the time line. */
    public const DAYS = 7;

    /** What comes next that is told. */
    private const AHEAD = 8;

    /** Hours within which things get in each other's way. */
    private const SOON = 24.0 * self::DAYS;

    private DateTimeImmutable $from;

    private DateTimeImmutable $to;

    /** @var list<TodayPiece> that are planned, with something left to do or to wait for */
    public array $going;

    /** @param list<TodayPiece> $pieces */
    public function __construct(private array $pieces, public DateTimeImmutable $now, public float $minutes)
    {
        $this->from = $now->setTime(0, 0);
        $this->to = $this->from->modify('+' . self::DAYS . ' days');
        $this->going = array_values(array_filter($pieces, fn(TodayPiece $one): bool => $one->isGoingOn($now)));
    }

    public function isEmpty(): bool
    {
        return $this->pieces === [];
    }

    /** @return list<TodayPiece> that nobody has looked for times of yet */
    public function unplanned(): array
    {
        return array_values(array_filter($this->pieces, fn(TodayPiece $one): bool => $one->isUnplanned()));
    }

    /** @return list<TodayPiece> */
    public function stuck(): array
    {
        return array_values(array_filter($this->pieces, fn(TodayPiece $one): bool => $one->isStuck()));
    }

    public function atHand(): string
    {
        return Duration::hours($this->minutes / 60.0)->print();
    }

    /** @return list<array{TodayPiece, string, string}> piece, what is done, and how long that takes and can wait */
    public function doable(): array
    {
        return $this->begun(fn(Errand $one): bool => 60.0 * $one->hours <= $this->minutes + 1e-6);
    }

    /** @return list<array{TodayPiece, string, string}> what could be begun but takes longer than there is time */
    public function tooLong(): array
    {
        return $this->begun(fn(Errand $one): bool => 60.0 * $one->hours > $this->minutes + 1e-6);
    }

    /**
     * What could be begun now, that which closes soonest first. Of each piece only what is next.
     *
     * @param callable(Errand): bool $wanted
     *
     * @return list<array{TodayPiece, string, string}>
     */
    private function begun(callable $wanted): array
    {
        $found = [];
        foreach ($this->going as $piece) {
            [$errand, $now] = [$piece->errands[0] ?? null, $piece->hour($this->now)];
            if ($errand !== null && $errand->canBegin($now) && !$this->isStale($piece, $errand, $now) && $wanted($errand)) {
                $found[] = [$errand->closes - $now, [$piece, $piece->says($errand), $this->lasts($piece, $errand)]];
            }
        }
        usort($found, fn(array $one, array $other): int => $one[0] <=> $other[0]);

        return array_column($found, 1);
    }

    private function lasts(TodayPiece $piece, Errand $errand): string
    {
        $takes = ['takes' => $piece->span($errand->hours)];

        return is_infinite($errand->closes)
            ? Words::say('today.takes', $takes)
            : Words::say('today.takes-until', $takes + ['until' => $piece->moment($errand->closes)]);
    }

    /** Whether a piece was to begin days ago and nobody did: its times are to be found anew. */
    private function isStale(TodayPiece $piece, Errand $errand, float $now): bool
    {
        return !$piece->hasBegun() && $now > $errand->start + 24.0;
    }

    /** @return list<array{TodayPiece, string, string}> piece, what is done, and when: what cannot be begun yet, the soonest first */
    public function ahead(): array
    {
        $found = [];
        foreach ($this->going as $piece) {
            $now = $piece->hour($this->now);
            foreach ($piece->errands as $n => $errand) {
                if ($errand->start > $now && !($n === 0 && $errand->canBegin($now))) {
                    $found[] = [$errand->start - $now, $piece, $errand];
                }
            }
        }
        usort($found, fn(array $one, array $other): int => $one[0] <=> $other[0]);

        return array_map(
            fn(array $one): array => [$one[1], $one[1]->says($one[2]), $this->when($one[1], $one[2])],
            array_slice($found, 0, self::AHEAD),
        );
    }

    private function when(TodayPiece $piece, Errand $errand): string
    {
        $says = ['at' => $piece->moment($errand->task->start), 'opens' => $piece->opens($errand), 'closes' => $piece->closes($errand)];
        $waits = $piece->waitsFor($errand, $this->now);
        if ($waits !== null) {
            return Words::say('today.waits', $says + ['pour' => $waits + 1]);
        }

        return match (true) {
            is_infinite($errand->closes)                                               => Words::say('today.at', $says),
            $errand->start > $errand->closes || $errand->start < $errand->opens - 1e-6 => Words::say('today.moved', $says),
            default                                                                    => Words::say('today.between', $says),
        };
    }

    /** @return list<array{TodayPiece, string, string, string}> piece, what was to be done, what is to be done now, where a pour is noted */
    public function late(): array
    {
        $found = [];
        foreach ($this->going as $piece) {
            [$errand, $now] = [$piece->errands[0] ?? null, $piece->hour($this->now)];
            if ($errand === null) {
                continue;
            }
            $asked = $piece->asked($errand);
            $isLate = $errand->isMissed($now) || $this->isStale($piece, $errand, $now) || $errand->isLate($now);
            if ($asked === null && !$isLate) {
                continue;
            }
            $found[] = [$piece, $piece->says($errand), Words::say('today.' . match (true) {
                $errand->isMissed($now)               => 'missed',
                $this->isStale($piece, $errand, $now) => 'stale',
                $now < $errand->opens                 => 'early',
                default                               => 'late',
            }, [
                'at'     => $piece->moment($asked ?? $errand->task->start), 'opens' => $piece->opens($errand),
                'closes' => $piece->closes($errand),
            ]), $piece->noting($errand)];
        }

        return $found;
    }

    /**
     * Pieces that want hands at once: one line a moment, however many they are.
     *
     * @return list<array{list<TodayPiece>, string, list<TodayPiece>}> all, when, and those that could make way and were not named before
     */
    public function conflicts(): array
    {
        [$all, $making, $named] = [[], [], []];
        foreach ($this->clashes() as [$others, $later, $at]) {
            foreach ([...$others, $later] as $piece) {
                $all[$at][$piece->piece->id] = $piece;
            }
            if (!isset($named[$later->piece->id]) && $later->hasPoursLeft()) {
                $named[$later->piece->id] = $making[$at][] = $later;
            }
        }
        $soon = array_slice($all, 0, self::AHEAD);

        return array_map(fn(string $at, array $ones): array => [array_values($ones), $at, $making[$at] ?? []], array_keys($soon), $soon);
    }

    /**
     * Those at work when another begins that has not hands enough beside them, that one, and when. A coat of sealer does not count: it can
     * be brushed a little sooner or later. What comes out of one mix is one.
     *
     * @return Generator<int, array{list<TodayPiece>, TodayPiece, string}>
     */
    private function clashes(): Generator
    {
        /** @var list<array{Sitting, TodayPiece, Errand}> $spans */
        $spans = [];
        foreach ($this->going as $piece) {
            $now = $piece->hour($this->now);
            foreach ($piece->errands as $errand) {
                if ($errand->start > $now && $errand->start < $now + self::SOON && $errand->task->kind !== TaskKind::Seal) {
                    $spans[] = [$piece->sitting($errand, $this->going[0]->clock()), $piece, $errand];
                }
            }
        }
        usort($spans, fn(array $one, array $other): int => $one[0]->from <=> $other[0]->from);
        /** @var array<int, array{Sitting, TodayPiece}> $open */
        $open = [];
        foreach ($spans as [$sitting, $later, $errand]) {
            $open = array_filter($open, fn(array $one): bool => $one[0]->to > $sitting->from + 1e-6);
            $others = array_filter($open, fn(array $one): bool => $one[1] !== $later);
            if (count($others) >= $later->hands()) {
                foreach ($others as $n => [$other, $piece]) {
                    $both = $other->joined($sitting);
                    if ($both !== null) {
                        // Out of one mix both are one, and take hands as long as both do.
                        $open[$n] = [$both, $piece];
                        continue 2;
                    }
                }
                yield [array_values(array_column($others, 1)), $later, $later->moment($errand->task->start)];
            }
            $open[] = [$sitting, $later];
        }
    }

    /**
     * Pieces that find no level place, or no box, when their first pour is planned: those that lie from earlier on have theirs.
     *
     * @return list<array{TodayPiece, '', string}> piece, nothing to do, and what is missing until when
     */
    public function crowded(): array
    {
        $lying = [];
        $isLimited = array_filter($this->going, fn(TodayPiece $one): bool => $one->isLimited()) !== [];
        foreach ($isLimited ? $this->going : [] as $piece) {
            $lies = $piece->lies($piece->clock());
            $from = $lies === null ? null : $piece->at($lies[0]);
            if ($lies !== null && $from !== null && $from < $this->now->modify('+' . self::SOON . ' hours')) {
                $lying[] = [$from, $piece->at($lies[1]), $piece];
            }
        }
        // Of two at once, that which is older.
        usort($lying, fn(array $one, array $other): int => [$one[0], $one[2]->piece->id] <=> [$other[0], $other[2]->piece->id]);
        $found = [];
        foreach ($lying as $n => [$from, , $piece]) {
            if ($piece->hasBegun() || !$piece->isLimited()) {
                continue;
            }
            $before = array_filter(array_slice($lying, 0, $n), fn(array $one): bool => $one[1] > $from);
            $says = $this->missing($piece, array_column($before, 2));
            if ($says !== null) {
                $found[] = [$piece, '', $says];
            }
        }

        return array_slice($found, 0, self::AHEAD);
    }

    /** @param list<TodayPiece> $before that lie from earlier on */
    private function missing(TodayPiece $piece, array $before): ?string
    {
        $beside = array_reduce($before, fn(Beside $taken, TodayPiece $one): Beside => $one->onto($taken, $piece->clock()), $piece->bench());
        $lies = $piece->lies($piece->clock()) ?? [0.0, 0.0];
        foreach ([false, true] as $isCovered) {
            $from = $isCovered && !$piece->isCovered() ? 0.0 : $beside->placeFrom($lies, $isCovered);
            if ($from > $lies[0] + 1e-6) {
                return Words::say($isCovered ? 'today.no-box' : 'today.no-level', [
                    'at' => $piece->moment($lies[0]), 'from' => $piece->moment($from),
                ]);
            }
        }

        return null;
    }

    /** @return list<array{string, list<array{TodayPiece, string}>}> when and of what, and for which pieces: mixes that serve several */
    public function oneMixes(): array
    {
        $mixes = [];
        foreach ($this->going as $n => $piece) {
            $now = $piece->hour($this->now);
            foreach ($piece->errands as $errand) {
                $mix = $errand->task->start > $now && $errand->task->start < $now + self::SOON ? $piece->mix($errand) : null;
                if ($mix !== null) {
                    $mixes[] = [$errand->task->start - $now, $n, (int) $errand->task->pour, $mix];
                }
            }
        }

        return array_map(function (OneMix $one): array {
            [$a, $b] = $one->grams();
            $first = $this->going[$one->shares[0][0]];

            return [Words::say('today.one-mix-says', [
                'at' => $first->moment($first->hour($this->now) + $one->at), 'mass' => $first->mass($a + $b), 'resin' => $one->resin(),
                'a'  => $first->mass($a), 'b' => $first->mass($b),
            ]), array_map(fn(array $share): array => [$this->going[$share[0]], $first->mass($share[2]->grams())], $one->shares)];
        }, array_slice(OneMix::all($mixes), 0, self::AHEAD));
    }

    /** Where a moment lies on the time line, percent. */
    private function x(DateTimeImmutable $moment): float
    {
        $from = $this->from->getTimestamp();
        $share = ($moment->getTimestamp() - $from) / ($this->to->getTimestamp() - $from);

        return round(100.0 * max(0.0, min(1.0, $share)), 3);
    }

    public function nowX(): float
    {
        return $this->x($this->now);
    }

    /** @return list<array{x: float, label: string}> each midnight */
    public function days(): array
    {
        return array_map(function (int $n): array {
            $midnight = $this->from->modify("+{$n} days");

            return ['x' => $this->x($midnight), 'label' => $midnight->format('D j')];
        }, range(0, self::DAYS - 1));
    }

    /** @return list<array{float, float}> x and width of the nights, 22 to 6 */
    public function nights(): array
    {
        return array_map(function (int $n): array {
            [$dusk, $dawn] = [$this->from->modify(($n - 1) . ' days')->setTime(22, 0), $this->from->modify("{$n} days")->setTime(6, 0)];

            return [$this->x($dusk), round($this->x($dawn) - $this->x($dusk), 3)];
        }, range(0, self::DAYS));
    }

    /** @return list<array{kind: string, x: float, width: float, says: string}> what the pours of a piece are like, on the time line */
    public function phases(TodayPiece $piece): array
    {
        $drawn = [];
        foreach ($piece->phases() as $k => $phases) {
            foreach ($phases as $phase) {
                [$from, $to] = [$piece->at($phase->from), $piece->at($phase->to)];
                if ($from !== null && $to !== null && $this->x($to) > $this->x($from)) {
                    $drawn[] = [
                        'kind' => $phase->kind, 'x' => $this->x($from), 'width' => round($this->x($to) - $this->x($from), 3),
                        'says' => Words::say('piece.rail.phase', [
                            'number' => $k + 1, 'phase' => Words::say("piece.rail.phases.{$phase->kind}"),
                            'from'   => $piece->moment($phase->from), 'to' => $piece->moment($phase->to),
                        ]),
                    ];
                }
            }
        }

        return $drawn;
    }

    /** @return list<float> where hands are wanted for a piece, on the time line */
    public function marks(TodayPiece $piece): array
    {
        $marks = array_map(fn(Errand $one): ?DateTimeImmutable => $piece->at($one->start), $piece->errands);
        $marks = array_map(fn(DateTimeImmutable $at): float => $this->x($at), array_filter($marks));

        return array_values(array_filter($marks, fn(float $x): bool => $x > 0.0 && $x < 100.0));
    }
}

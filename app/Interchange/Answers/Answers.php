<?php

declare(strict_types=1);

namespace App\Interchange\Answers;

use App\Models\Piece;
use App\Models\User;
use App\Turns\LongWork;
use App\Turns\NoTurn;
use Closure;
use Illuminate\Support\Facades\Cache;
use Pensilis\Answer\Agenda;
use Pensilis\Answer\Beside;
use Pensilis\Answer\Offers;
use Pensilis\Answer\PlanAnswer;
use Pensilis\Answer\Planner;
use Pensilis\Answer\Replan;
use Pensilis\Exception\PensilisException;
use Pensilis\Plan\Plan;
use Pensilis\Record\Progress;
use Pensilis\Resin\CalibratedResin;
use Pensilis\Resin\Resin;
use Pensilis\Simulation\CureFilm;
use Pensilis\Simulation\Simulation;
use Pensilis\Simulation\WhatIf;
use Pensilis\Thermal\Fit\CalibrationStore;
use Pensilis\Thermal\Fit\Implied;
use Pensilis\Thermal\Fit\LeftCup;
use Pensilis\Thermal\Fit\Observed;
use Pensilis\Thermal\Fit\StudioFit;
use Pensilis\Vessel\Sheet;

/**
 * Heat, windows and clock times of pieces: kept by what the piece says. One is computed at a time per account, and so many at all that
 * workers are left for everybody else; who comes too many is told, and asks again.
 */
final readonly class Answers
{
    private const KEPT_DAYS = 14;

    public function __construct(private CalibrationStore $store, private ModelVersion $models) {}

    /** @phpstan-impure another may have found it meanwhile */
    public function kept(Piece $piece): ?PlanAnswer
    {
        $answer = Cache::get($this->key($piece));

        return $answer instanceof PlanAnswer ? $answer : null;
    }

    /** What is still to be done for a piece, from what is kept of it; null where nothing is. */
    public function agenda(Piece $piece): ?Agenda
    {
        $key = "agenda:{$this->models->hash()}:{$piece->stored()} {$piece->recorded()}";
        $known = Cache::get($key);
        if ($known instanceof Agenda) {
            return $known;
        }
        $answer = $this->kept($piece);
        if ($answer === null) {
            return null;
        }
        $agenda = Agenda::of($answer);
        Cache::put($key, $agenda, now()->addDays(self::KEPT_DAYS));

        return $agenda;
    }

    /** A resin with the law that its sheet implies. */
    public function calibrated(Resin $resin): CalibratedResin
    {
        return $this->store->calibrated($resin);
    }

    /**
     * What a cup of one of its pours comes to that is left full; kept as an answer is.
     *
     * @param float $mass kg
     * @param float $at   s from the start of the plan
     */
    public function leftCup(Piece $piece, Resin $resin, float $mass, float $at): LeftCup
    {
        return self::remember(
            LeftCup::class,
            "{$this->key($piece)}:cup:{$resin->id}:{$mass}:{$at}",
            fn(): LeftCup => LeftCup::of($this->calibrated($resin), $mass, $piece->plan()->ambient, $at),
        );
    }

    /**
     * The cure of one of its pours as it goes; kept as an answer is.
     *
     * @param float $hours for which it is followed
     */
    public function film(Piece $piece, Simulation $simulation, int $pour, float $hours, User $user): CureFilm
    {
        return $this->inTurnOrNot(
            $user,
            CureFilm::class,
            "{$this->key($piece)}:film:{$pour}",
            fn(): CureFilm => CureFilm::of($simulation, $this->store, $pour, $hours),
        );
    }

    /**
     * One of its pours with one thing otherwise; kept as an answer is.
     *
     * @param float $cup what its largest cup holds, kg
     *
     * @return list<WhatIf>
     */
    public function whatIf(Piece $piece, Simulation $simulation, int $pour, float $cup, User $user): array
    {
        $key = "{$this->key($piece)}:if:{$pour}:{$cup}";
        $known = Cache::get($key);
        if (is_array($known)) {
            return array_values(array_filter($known, fn(mixed $one): bool => $one instanceof WhatIf));
        }
        $found = LongWork::of($user->studio_id, fn(): array => WhatIf::all($simulation, $this->store, $pour, $cup)) ?? throw new NoTurn();
        Cache::put($key, $found, now()->addDays(self::KEPT_DAYS));

        return $found;
    }

    /** What the sheet of a resin implies; kept for as long as it says the same. */
    public function implied(Resin $resin, User $user): Implied
    {
        return $this->inTurnOrNot(
            $user,
            Implied::class,
            "implied:{$this->models->hash()}:" . hash('xxh128', serialize($resin)),
            fn(): Implied => Implied::of($this->calibrated($resin)),
        );
    }

    /**
     * What own gel times say of a resin; kept for as long as they are the same. Null where there are none.
     *
     * @param list<Observed> $log
     */
    public function fit(Resin $resin, array $log, User $user): ?StudioFit
    {
        if ($log === []) {
            return null;
        }

        return $this->inTurnOrNot(
            $user,
            StudioFit::class,
            "fit:{$this->models->hash()}:" . hash('xxh128', serialize([$resin, $log])),
            fn(): StudioFit => StudioFit::of($resin, $this->calibrated($resin)->law, $log, Sheet::siliconeMold(), Sheet::board()),
        );
    }

    /** Null while it must be asked again: another of the same account, or as many as may be, are being computed. */
    public function find(Piece $piece, User $user): ?PlanAnswer
    {
        // It may have been found while this one came.
        return $this->kept($piece) ?? LongWork::of(
            $user->studio_id,
            fn(): PlanAnswer => $this->kept($piece) ?? $this->keep($piece, $this->compute($piece)),
        );
    }

    /** What comes next once something was noted of a piece; nothing where it makes no plan. */
    public function afresh(Piece $piece, User $user): void
    {
        if ($piece->makesPlan()) {
            $this->find($piece, $user);
        }
    }

    /** Ways to pour a piece; null while they must be asked for again. */
    public function offers(Piece $piece, User $user): ?Offers
    {
        return $this->keptOffers($piece) ?? LongWork::of($user->studio_id, function () use ($piece): Offers {
            try {
                $offers = Offers::of($piece->plan(), new Planner($this->store));
                $offers = $offers->all === [] ? $offers : $offers->beside((new OtherResins($this->store))->answers($piece));
            } catch (PensilisException) {
                // The verdict of the piece says why.
                $offers = Offers::none();
            }
            Cache::put($this->waysKey($piece), $offers, now()->addDays(self::KEPT_DAYS));

            return $offers;
        });
    }

    public function keptOffers(Piece $piece): ?Offers
    {
        $offers = Cache::get($this->waysKey($piece));

        return $offers instanceof Offers ? $offers : null;
    }

    /** Ways hold as long as the piece and the resins of its studio are the same. */
    private function waysKey(Piece $piece): string
    {
        return "{$this->key($piece)}:ways:" . hash('xxh128', serialize(OtherResins::shelf($piece)));
    }

    /**
     * The pours that a plan gives at times that are found for them; null as above.
     *
     * @param Beside|null $beside what other pieces take of the bench, hours of the plan
     */
    public function timed(Plan $plan, Progress $progress, User $user, ?Beside $beside = null): ?PlanAnswer
    {
        $find = fn(): PlanAnswer => Replan::anew($plan, $progress, $beside, $this->store);

        return LongWork::of($user->studio_id, fn(): PlanAnswer => PlanAnswer::found($plan, $find));
    }

    /**
     * What is kept, or is computed in its turn and kept.
     *
     * @template T of object
     *
     * @param class-string<T> $class
     * @param Closure(): T    $find
     *
     * @return T
     *
     * @throws NoTurn
     */
    private function inTurnOrNot(User $user, string $class, string $key, Closure $find): object
    {
        $known = Cache::get($key);

        return $known instanceof $class ? $known
            : LongWork::of($user->studio_id, fn(): object => self::remember($class, $key, $find)) ?? throw new NoTurn();
    }

    private function keep(Piece $piece, PlanAnswer $answer): PlanAnswer
    {
        Cache::put($this->key($piece), $answer, now()->addDays(self::KEPT_DAYS));

        return $answer;
    }

    private function compute(Piece $piece): PlanAnswer
    {
        $plan = $piece->plan();
        $answer = PlanAnswer::found($plan, fn(): PlanAnswer => Replan::onward($plan, $piece->record()->soFar(...), $this->store));

        return $answer->isFeasible() ? $answer : $answer->because($answer->reasons, (new OtherResins($this->store))->thatWouldDo($piece));
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     * @param Closure(): T    $find
     *
     * @return T
     */
    private static function remember(string $class, string $key, Closure $find): object
    {
        $known = Cache::get($key);
        if ($known instanceof $class) {
            return $known;
        }
        $found = $find();
        Cache::put($key, $found, now()->addDays(self::KEPT_DAYS));

        return $found;
    }

    private function key(Piece $piece): string
    {
        return "answer:{$this->models->hash()}:{$piece->fingerprint()} {$piece->recorded()}";
    }
}

<?php

declare(strict_types=1);

namespace App\Interchange\Answers;

use App\Interchange\PlanFile\Document;
use App\Interchange\PlanFile\PlanFile;
use App\Interchange\PlanFile\Starters;
use App\Models\Piece;
use App\Models\User;
use App\Turns\NoTurn;
use App\Turns\Turn;
use Closure;
use Illuminate\Support\Facades\Cache;
use Pensilis\Answer\Agenda;
use Pensilis\Answer\Beside;
use Pensilis\Answer\Offers;
use Pensilis\Answer\PlanAnswer;
use Pensilis\Answer\Planner;
use Pensilis\Answer\Replan;
use Pensilis\Exception\PensilisException;
use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Finding\Mend;
use Pensilis\Layout\Draft;
use Pensilis\Plan\Plan;
use Pensilis\PlanFile\PlanRefused;
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

    private const LONGEST = 120;

    /** As many as a plan file takes, and as many as are tried where none of it will do. */
    private const MOST_RESINS = 10;

    private const MOST_RESINS_TRIED = 3;

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
        $found = $this->inTurn($user, fn(): array => WhatIf::all($simulation, $this->store, $pour, $cup)) ?? throw new NoTurn();
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
        return $this->kept($piece) ?? $this->inTurn(
            $user,
            fn(): PlanAnswer => $this->kept($piece) ?? $this->keep($piece, $this->compute($piece)),
        );
    }

    /** Ways to pour a piece; null while they must be asked for again. */
    public function offers(Piece $piece, User $user): ?Offers
    {
        return $this->keptOffers($piece) ?? $this->inTurn($user, function () use ($piece): Offers {
            try {
                $offers = Offers::of($piece->plan(), new Planner($this->store));
                $offers = $offers->all === [] ? $offers : $offers->beside($this->withOtherResins($piece));
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
        return "{$this->key($piece)}:ways:" . hash('xxh128', serialize(self::shelf($piece)));
    }

    /**
     * The pours that a plan gives at times that are found for them; null as above.
     *
     * @param Beside|null $beside what other pieces take of the bench, hours of the plan
     */
    public function timed(Plan $plan, Progress $progress, User $user, ?Beside $beside = null): ?PlanAnswer
    {
        return $this->inTurn($user, fn(): PlanAnswer => $this->answer(
            $plan,
            function (Planner $planner, Plan $plan) use ($progress, $beside): PlanAnswer {
                $happened = $progress->happened()->away($beside?->taken() ?? []);
                $seen = Replan::asSeen($plan, $progress, $this->store);
                $timed = fn(float $from): PlanAnswer => $planner->timed($seen, $happened->from($from));
                $answer = $timed($happened->now);

                // What was begun lies where it lies.
                return $beside === null || $happened->begun !== [] ? $answer : $beside->placed($answer, $timed);
            },
        ));
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
            : $this->inTurn($user, fn(): object => self::remember($class, $key, $find)) ?? throw new NoTurn();
    }

    /**
     * One at a time of a studio, so that none takes the turns of all.
     *
     * @template T
     *
     * @param callable(): T $compute
     *
     * @return T|null
     */
    private function inTurn(User $user, callable $compute): mixed
    {
        $own = Turn::take("answers of {$user->studio_id}");
        $turn = $own === null ? null : Turn::take('answers', config()->integer('pensilis.long_at_once'));
        if ($turn === null) {
            return null;
        }
        $usual = (int) ini_get('max_execution_time');
        // Many thin pours take long. What is computed when this ends goes on for nobody.
        set_time_limit(self::LONGEST);
        try {
            return $compute();
        } finally {
            set_time_limit($usual);
            $turn->giveBack();
            $own?->giveBack();
        }
    }

    private function keep(Piece $piece, PlanAnswer $answer): PlanAnswer
    {
        Cache::put($this->key($piece), $answer, now()->addDays(self::KEPT_DAYS));

        return $answer;
    }

    private function compute(Piece $piece): PlanAnswer
    {
        $answer = $this->answer(
            $piece->plan(),
            fn(Planner $planner, Plan $plan): PlanAnswer => Replan::onward($plan, $piece->soFar(...), $this->store),
        );

        return $answer->isFeasible() ? $answer : $answer->because($answer->reasons, $this->resinsThatWouldDo($piece));
    }

    /**
     * Resins that the studio has and the piece has not, with which it could be cast: each planned to the end.
     *
     * @return list<Finding>
     */
    private function resinsThatWouldDo(Piece $piece): array
    {
        $found = [];
        foreach ($this->withOtherResins($piece) as $key => $answer) {
            $what = ['resin' => $answer->plan->resin()->name];
            $found[] = Finding::of(Code::WouldDoWithResin, '/resins', names: $what, mend: Mend::resin($key));
        }

        return $found;
    }

    /**
     * The piece poured with another resin of the studio alone, where it can be cast so.
     *
     * @return array<string, PlanAnswer> by what the studio calls it
     */
    private function withOtherResins(Piece $piece): array
    {
        [$found, $tried] = [[], 0];
        $names = array_map(fn(Resin $one): string => $one->name, $piece->plan()->resins);
        foreach (count($names) < self::MOST_RESINS ? self::shelf($piece) : [] as $key => $resin) {
            $alone = $tried < self::MOST_RESINS_TRIED ? self::planWith($piece, $resin) : null;
            if ($alone === null || in_array($alone->resin()->name, $names, true) || !Draft::holds($alone)) {
                continue;
            }
            $tried++;
            $answer = $this->answer($alone, fn(Planner $planner, Plan $plan): PlanAnswer => $planner->plan($plan));
            $found = $answer->isFeasible() ? [...$found, (string) $key => $answer] : $found;
        }

        return $found;
    }

    /** @return array<array<string, mixed>> resins of the studio, those first that it has made its own */
    private static function shelf(Piece $piece): array
    {
        $resins = $piece->loadMissing('studio')->studio?->resins() ?? [];

        return array_diff_key($resins, Starters::RESINS) + $resins;
    }

    /**
     * A piece poured with another resin alone; null where its sheet makes no sense, which the shelf says.
     *
     * @param array<string, mixed> $resin
     */
    private static function planWith(Piece $piece, array $resin): ?Plan
    {
        try {
            $plan = PlanFile::plan(Document::withOneMore($piece->document, 'resins', $resin, 'resin'), $piece->meshes());
        } catch (PlanRefused) {
            return null;
        }

        return $plan->only((string) array_key_last($plan->resins));
    }

    /** @param callable(Planner, Plan): PlanAnswer $ask */
    private function answer(Plan $plan, callable $ask): PlanAnswer
    {
        try {
            return $ask(new Planner($this->store), $plan);
        } catch (PensilisException $failure) {
            return PlanAnswer::infeasible(
                $plan,
                [Finding::because(Code::HeatNotComputable, '/resins/0', $failure->fact())],
                drawn: Draft::of($plan)->layout,
            );
        }
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

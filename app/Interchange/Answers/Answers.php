<?php

declare(strict_types=1);

namespace App\Interchange\Answers;

use App\Models\Piece;
use App\Models\User;
use Illuminate\Contracts\Cache\LockTimeoutException;
use Illuminate\Support\Facades\Cache;
use Pensilis\Answer\PlanAnswer;
use Pensilis\Answer\Planner;
use Pensilis\Exception\PensilisException;
use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Layout\Draft;
use Pensilis\Plan\Plan;
use Pensilis\Resin\CalibratedResin;
use Pensilis\Resin\Resin;
use Pensilis\Thermal\CalibrationStore;

/** Heat, windows and clock times of pieces: kept by what the piece says, one computed at a time per account. */
final readonly class Answers
{
    private const KEPT_DAYS = 30;

    private const LONGEST = 120;

    private const PATIENCE = 20;

    public function __construct(private CalibrationStore $store, private ModelVersion $models) {}

    public function kept(Piece $piece): ?PlanAnswer
    {
        $answer = Cache::get($this->key($piece));

        return $answer instanceof PlanAnswer ? $answer : null;
    }

    /** A resin with the law that its sheet implies. */
    public function calibrated(Resin $resin): CalibratedResin
    {
        return $this->store->calibrated($resin);
    }

    /** Null while another computation of the same account goes on. */
    public function find(Piece $piece, User $user): ?PlanAnswer
    {
        $kept = $this->kept($piece);
        if ($kept !== null) {
            return $kept;
        }
        try {
            $lock = Cache::lock("simulation:{$user->id}", self::LONGEST);
            $lock->block(self::PATIENCE);
        } catch (LockTimeoutException) {
            return null;
        }
        // Many thin pours take long; the lock is given back before the next one may start.
        set_time_limit(self::LONGEST - 10);
        try {
            // It may have been found while this one waited.
            return $this->kept($piece) ?? $this->keep($piece, $this->compute($piece->plan()));
        } finally {
            $lock->release();
        }
    }

    private function keep(Piece $piece, PlanAnswer $answer): PlanAnswer
    {
        Cache::put($this->key($piece), $answer, now()->addDays(self::KEPT_DAYS));

        return $answer;
    }

    private function compute(Plan $plan): PlanAnswer
    {
        try {
            $planner = new Planner($this->store);

            return $plan->pours === [] ? $planner->plan($plan) : $planner->judge($plan);
        } catch (PensilisException $failure) {
            return PlanAnswer::infeasible(
                $plan,
                [Finding::because(Code::HeatNotComputable, '/resins/0', $failure->fact())],
                drawn: Draft::of($plan)->layout,
            );
        }
    }

    private function key(Piece $piece): string
    {
        return "answer:{$this->models->hash()}:{$piece->fingerprint()}";
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;
use Pensilis\Finding\Finding as Found;
use Pensilis\Plan\GivenPour;
use Pensilis\Plan\Plan;
use Pensilis\Record\Event as Happening;
use Pensilis\Record\EventKind;
use Pensilis\Record\Progress;
use Pensilis\Record\Record;

/** What happened to a piece, by the clock of its plan. */
final readonly class PieceRecord
{
    public function __construct(private Piece $piece) {}

    /**
     * What is, from all that happened to it; nothing where its plan has no clock.
     *
     * @param Plan|null $plan of it with pours that it does not give itself
     * @param float     $now  hour of its plan, where nothing was poured
     */
    public function progress(?Plan $plan = null, float $now = 0.0): Progress
    {
        [$plan, $clock] = [$plan ?? $this->piece->plan(), $this->piece->plan()->studio->clock];
        $progress = $this->of($plan)->progress($plan, $now);

        return $progress->happened()->begun === [] ? $progress : $progress->at($clock->hourAt(now()));
    }

    /** The same by the last that was noted of it, whatever time it is. */
    public function soFar(Plan $plan): Progress
    {
        $record = $this->of($plan);

        return $record->progress($plan, $record->last());
    }

    /** All that happened to it, by the clock of a plan of it and the numbers that its pours have there; nothing where it has no clock. */
    public function of(Plan $plan): Record
    {
        if (!$plan->studio->clock->isSet()) {
            return Record::of([]);
        }
        $numbers = array_flip(GivenPour::ids($plan->pours));
        $rows = $this->piece->events()->oldest('seq')->get()->all();

        return Record::of(array_map(fn(Event $one): Happening => $one->happened($numbers, $plan->studio->clock), array_values($rows)));
    }

    /**
     * What makes it impossible that something happened to it then; null where nothing does, or it has no clock to tell by.
     *
     * @param string    $pour id, where it happened to one
     * @param Plan|null $plan of it with pours that it does not give itself
     */
    public function disorder(EventKind $kind, string $pour = '', ?Carbon $at = null, ?Plan $plan = null): ?Found
    {
        $plan ??= $this->piece->plan();
        [$clock, $numbers] = [$plan->studio->clock, array_flip(GivenPour::ids($plan->pours))];
        if (!$clock->isSet() || ($pour !== '' && !isset($numbers[$pour]))) {
            return null;
        }
        $next = new Happening('', '', $kind, $clock->hourAt($at ?? now()), $numbers[$pour] ?? null);

        return $this->of($plan)->disorderOf($next, $plan, $clock->hourAt(now()));
    }
}

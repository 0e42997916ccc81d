<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Interchange\Answers\Answers;
use App\Models\OrderStage;
use App\Models\Piece;
use App\Models\Studio;
use App\Models\Tick;
use App\Models\User;
use Pensilis\Answer\Beside;

/** The pieces of a studio as its day has them: planned, and from what really happened on. */
final readonly class StudioDay
{
    /** Pieces that are looked at, those changed last. */
    private const MOST = 200;

    public function __construct(private Studio $studio, private Answers $answers) {}

    /**
     * @param User|null $finder  for whom times are found where none are kept; nobody where only what is kept is wanted
     * @param float     $seconds after which no further one is computed
     *
     * @return list<TodayPiece>
     */
    public function pieces(?User $finder = null, float $seconds = 0.0): array
    {
        $pieces = $this->studio->pieces()->withRecorded()->latest('updated_at')->latest('id')->limit(self::MOST)->get()->all();
        [$done, $made, $until] = [$this->done(array_column($pieces, 'id')), $this->made(), hrtime(true) + 1e9 * $seconds];

        return array_map(function (Piece $piece) use ($done, $made, $finder, $until): TodayPiece {
            [$agenda, $makesPlan] = [$this->answers->agenda($piece), true];
            if ($agenda === null && $finder !== null && hrtime(true) < $until) {
                $makesPlan = $piece->makesPlan();
                $agenda = $makesPlan && $this->answers->find($piece, $finder) !== null ? $this->answers->agenda($piece) : null;
            }

            $isMade = in_array($piece->id, $made, true);

            return new TodayPiece($piece, $agenda, $done[$piece->id] ?? [], $this->studio->units, $makesPlan, $isMade);
        }, array_values($pieces));
    }

    /** What others take of the bench, in hours of the plan of a piece. */
    public function beside(Piece $piece): Beside
    {
        $studio = $piece->plan()->studio;
        $beside = Beside::nothing($studio);
        foreach ($this->pieces() as $other) {
            $beside = $other->piece->is($piece) ? $beside : $other->onto($beside, $studio->clock);
        }

        return $beside;
    }

    /** @return array<array-key, mixed> keys of pieces that an order says are made */
    private function made(): array
    {
        $finished = $this->studio->orders()->whereNotNull('piece_id')->whereIn('stage', OrderStage::finished());

        return $finished->pluck('piece_id')->all();
    }

    /**
     * @param array<array-key, mixed> $pieces keys
     *
     * @return array<string, list<string>> ids of tasks that are ticked as done, by pieces
     */
    private function done(array $pieces): array
    {
        $done = [];
        $ticks = Tick::query()->whereIn('piece_id', $pieces)->toBase()->get(['piece_id', 'step']);
        foreach ($ticks as $one) {
            if (is_string($one->piece_id) && is_string($one->step)) {
                $done[$one->piece_id][] = $one->step;
            }
        }

        return $done;
    }
}

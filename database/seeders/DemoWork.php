<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Interchange\Answers\Answers;
use App\Interchange\Answers\GivenPours;
use App\Models\Mixing;
use App\Models\Studio;
use App\Models\User;
use App\View\Page\PieceView;
use App\View\Page\PourView;
use Illuminate\Support\Carbon;
use Pensilis\PlanFile\Document;

/** How far the demo studio is with its pieces: heat and times of all are known, some are being poured, some are out of their molds. */
final class DemoWork
{
    /** Pours that are mixed; of those pieces the pours are the studio's own. */
    private const MIXED = ['Garnet drops' => 9, 'Magpie feather coaster' => 1];

    /** What cup and stick kept of each mix, g. */
    private const KEPT = 4.0;

    public static function of(Studio $studio, User $user): void
    {
        $answers = resolve(Answers::class);
        foreach ($studio->pieces()->get() as $piece) {
            $answer = $answers->find($piece, $user);
            if (isset(self::MIXED[$piece->title])) {
                $pours = GivenPours::of($answer);
                $piece->change(fn(array $document): array => Document::with($document, '/pours', $pours));
                $answer = $answers->find($piece, $user);
                foreach (array_slice(array_keys($pours), 0, self::MIXED[$piece->title]) as $k) {
                    self::mix(new PieceView($piece, $studio->units, $answer), $k, $answers);
                }
                $answers->find($piece, $user);
            }
        }
    }

    private static function mix(PieceView $view, int $k, Answers $answers): void
    {
        $pour = new PourView($view, $view->pour($k), $k, $answers->calibrated($view->pour($k)->resin));
        $grams = round($view->pour($k)->batch->mixed() + 0.3, 1);
        // Mixed when it was poured, and not while the demo was made.
        $at = $view->plan->studio->clock->at($view->answer->simulation->pours[$k]->startHour ?? 0.0);
        Mixing::keep(
            $view->piece,
            $pour->pour,
            ['mixed_g' => $grams, 'kept_g' => self::KEPT, 'over_g' => 0.0],
            $pour->uses($grams),
            min(now(), Carbon::instance($at ?? now())->utc()),
        );
    }
}

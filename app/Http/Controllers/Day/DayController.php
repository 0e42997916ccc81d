<?php

declare(strict_types=1);

namespace App\Http\Controllers\Day;

use App\Http\Controllers\Controller;
use App\Interchange\Answers\Answers;
use App\Interchange\Answers\GivenPours;
use App\Interchange\PlanFile\PlanFile;
use App\Interchange\PlanFile\PourShaping;
use App\Models\Piece;
use App\View\Page\StudioDay;
use App\Words\Figures;
use Illuminate\Http\RedirectResponse;

/** Makes room for a piece in the day: its pours at times from now on at which others leave it hands, a level place and a box. */
final class DayController extends Controller
{
    /** Moves that are told. */
    private const TOLD = 4;

    public function store(Piece $piece, Answers $answers): RedirectResponse
    {
        $seen = $piece->fingerprint();
        $found = $answers->find($piece, $this->member());
        $given = $piece->plan()->pours !== [] || $found === null ? $piece->document : GivenPours::into($piece->document, $found);
        $plan = PlanFile::plan($given, $piece->meshes());
        $answer = $plan->pours === [] ? $found : $answers->timed(
            $plan,
            $piece->record()->progress($plan, $plan->studio->clock->hourAt(now())),
            $this->member(),
            (new StudioDay($this->studio(), $answers))->beside($piece),
        );
        $pours = GivenPours::of($answer);
        if ($pours === [] || count($pours) !== count($plan->pours)) {
            $says = __($answer === null ? 'asked.pours.busy' : 'today.no-room', ['piece' => $piece->title]);

            return to_route('today')->withErrors(['piece' => $says]);
        }
        $piece->change(fn(): array => PourShaping::timed($given, $pours), $seen);
        $answers->find($piece->refresh(), $this->member());

        $moved = $this->moved($piece, array_column($plan->pours, 'startHour'), array_column($pours, 'start_h'));

        return to_route('today')->with('said', $moved);
    }

    /**
     * @param list<float> $before
     * @param list<float> $after
     */
    private function moved(Piece $piece, array $before, array $after): string
    {
        [$figures, $moves] = [new Figures($this->studio()->units, $piece->plan()->studio->clock), []];
        foreach ($after as $k => $hour) {
            if (abs($hour - $before[$k]) > 0.01) {
                $moves[] = __('today.moves', ['number' => $k + 1, 'at' => $figures->moment($hour)]);
            }
        }

        return $moves === []
            ? __('today.stays', ['piece' => $piece->title])
            : __('today.made-room', ['piece' => $piece->title, 'moves' => implode('; ', array_slice($moves, 0, self::TOLD))]);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pieces;

use App\Http\Controllers\Controller;
use App\Interchange\Answers\Answers;
use App\Interchange\Answers\GivenPours;
use App\Interchange\PlanFile\PourShaping;
use App\Models\Piece;
use App\View\Page\PieceView;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Pensilis\Finding\Rework;
use Pensilis\PlanFile\Document;

/** Applies the smallest change that mends a finding; the change is found again here, never taken from the form. */
final class MendController extends Controller
{
    public function store(Request $request, Piece $piece, Answers $answers): RedirectResponse
    {
        [$code, $pointer] = [self::said($request, 'code'), self::said($request, 'pointer')];
        $view = new PieceView($piece, $this->studio()->units, $answers->kept($piece));
        foreach ($view->findings as $finding) {
            if ($finding->mend !== null && $finding->code->value === $code && $finding->pointer === $pointer) {
                $mend = $finding->mend;
                $resin = $mend->rework === Rework::Resin ? $this->studio()->resins()[(string) $mend->value] ?? null : null;
                $piece->change(
                    fn(array $document): array => match ($mend->rework) {
                        null => $mend->value === null
                            ? Document::without($document, $mend->pointer)
                            : Document::with($document, $mend->pointer, $mend->value),
                        Rework::Split => PourShaping::shaped($document, $mend->pour, 'split'),
                        Rework::Times => $document,
                        Rework::Resin => $resin === null ? $document : Document::withOneMore($document, 'resins', $resin, 'resin'),
                    },
                    self::said($request, 'of'),
                );
                if (in_array($mend->rework, [Rework::Split, Rework::Times], true)) {
                    $this->timeAnew($piece->refresh(), $answers);
                }

                return self::to($piece)->with('said', __('said.mended', ['mend' => $view->words->mend($finding)]));
            }
        }

        return self::to($piece)->with('said', __('said.mended-already'));
    }

    /** Two pours want two times; where none are found the verdict says so. */
    private function timeAnew(Piece $piece, Answers $answers): void
    {
        $found = GivenPours::of($answers->timed($piece->plan(), $piece->record()->progress(), $this->member()));
        $piece->change(fn(array $document): array => PourShaping::timed($document, $found), $piece->fingerprint());
    }
}

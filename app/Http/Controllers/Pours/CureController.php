<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pours;

use App\Http\Controllers\Controller;
use App\Http\Requests\Asked;
use App\Interchange\Answers\Answers;
use App\Models\Piece;
use App\View\Page\CureView;
use App\View\Page\Otherwise;
use App\View\Page\PieceView;
use App\View\Page\PourView;
use App\View\Page\PourWindows;
use App\Words\Limits;
use App\Words\Words;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;
use Pensilis\Layout\LaidPour;
use Pensilis\Quantity\Length;
use Pensilis\Simulation\CureFilm;

/** How one pour cures, moment by moment: a page, its table to take away, or its field alone. */
final class CureController extends Controller
{
    public function show(Request $request, Piece $piece, int $pour, Answers $answers): Response
    {
        $view = new PieceView($piece, $this->studio()->units, $answers->kept($piece));
        $laid = $view->layout->pours[$pour] ?? abort(404);
        $simulation = $view->answer?->simulation;
        if (!isset($simulation->pours[$pour])) {
            return response()->view('pours.cure', ['piece' => $view, 'index' => $pour, 'cure' => null]);
        }
        $request->validate([
            'frame'  => ['nullable', 'integer', 'min:0', 'max:' . CureFilm::FRAMES],
            'height' => ['nullable', 'string', 'max:' . Limits::QUANTITY],
        ], Words::asked('cure'));
        $hours = (new PourWindows($view, $laid, $simulation->pours[$pour]))->spans();
        $cup = $this->cup($view, $laid, $pour, $answers);
        $cure = new CureView(
            $view,
            $laid,
            $pour,
            $simulation,
            $answers->film($piece, $simulation, $pour, $hours, $this->member()),
            self::said($request, 'of') !== 'conversion',
            $request->integer('frame', intdiv(CureFilm::FRAMES, 2)),
            $this->height($request, $view),
            $cup > 0.0 ? $answers->leftCup($piece, $laid->resin, $cup, 3600.0 * $simulation->pours[$pour]->startHour) : null,
            $request->boolean('if') ? new Otherwise(
                $view->figures,
                $answers->whatIf($piece, $simulation, $pour, $cup, $this->member()),
            ) : null,
        );

        return match (self::said($request, 'as')) {
            'csv' => self::away($cure->csv(), 'text/csv; charset=utf-8', 'cure.csv'),
            'svg' => self::away(
                view('pours.cure-field', ['cure' => $cure, 'alone' => true])->render(),
                'image/svg+xml; charset=utf-8',
                'cure.svg',
            ),
            default => response()->view('pours.cure', ['piece' => $view, 'index' => $pour, 'cure' => $cure]),
        };
    }

    /** What its largest cup holds, kg. */
    private function cup(PieceView $view, LaidPour $laid, int $pour, Answers $answers): float
    {
        return 1e-3 * (new PourView($view, $laid, $pour, $answers->calibrated($laid->resin)))->cupGrams();
    }

    /** m above the floor, where a further curve is wanted */
    private function height(Request $request, PieceView $view): ?float
    {
        $said = self::said($request, 'height');
        if (trim($said) === '') {
            return null;
        }
        $height = Asked::quantity('height', $view->system, fn(): float => Length::parse($said, $view->system)->m());
        if ($height < 0.0 || $height > $view->plan->vessel->fill) {
            $most = $view->figures->length($view->plan->vessel->fill);
            throw ValidationException::withMessages(['height' => __('asked.cure.beyond', ['most' => $most])]);
        }

        return $height;
    }
}

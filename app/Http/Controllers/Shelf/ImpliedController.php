<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shelf;

use App\Http\Controllers\Controller;
use App\Interchange\Answers\Answers;
use App\Interchange\Shelf\OwnGels;
use App\Models\Supply;
use App\Models\SupplyKind;
use App\View\Page\ImpliedView;
use App\Words\Figures;
use Illuminate\View\View;
use Pensilis\Scheduling\StudioClock;

/** What the sheet of a resin on the shelf implies, drawn. */
final class ImpliedController extends Controller
{
    public function show(Supply $supply, Answers $answers): View
    {
        abort_unless($supply->kind === SupplyKind::Resin, 404);
        $resin = OwnGels::sheet($supply);
        $figures = new Figures($this->studio()->units, StudioClock::unset());

        return view('shelf.implied', ['view' => new ImpliedView(
            $supply,
            $figures,
            $answers->calibrated($resin),
            $answers->implied($resin, $this->member()),
            $answers->fit($resin, OwnGels::observed($supply), $this->member()),
        )]);
    }
}

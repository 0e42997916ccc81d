<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shelf;

use App\Http\Controllers\Controller;
use App\Interchange\Shelf\StudioKinds;
use App\Words\Figures;
use Illuminate\View\View;
use Pensilis\Scheduling\StudioClock;

/** What to do with each kind of object before it goes in. */
final class MaterialController extends Controller
{
    public function index(): View
    {
        return view('materials.index', [
            'today'   => $this->studio()->now()->format('Y-m-d'),
            'known'   => StudioKinds::of($this->studio()),
            'figures' => new Figures($this->studio()->units, StudioClock::unset()),
        ]);
    }
}

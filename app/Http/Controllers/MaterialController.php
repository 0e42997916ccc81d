<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Interchange\StudioKinds;
use Illuminate\View\View;

/** What to do with each kind of object before it goes in. */
final class MaterialController extends Controller
{
    public function index(): View
    {
        return view('materials.index', ['known' => StudioKinds::of($this->studio())]);
    }
}

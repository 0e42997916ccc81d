<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\View\View;
use Pensilis\Material\Kinds;

/** What to do with each kind of object before it goes in. */
final class MaterialController extends Controller
{
    public function index(): View
    {
        return view('materials.index', ['groups' => Kinds::byGroup()]);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\SignIn;
use App\Words\Limits;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\View\View;
use Pensilis\Quantity\UnitSystem;

final class StudioController extends Controller
{
    private const SHOWN = 50;

    public function edit(): View
    {
        $studio = $this->studio();

        return view('studio.edit', [
            'studio'  => $studio,
            'members' => $studio->members()->orderBy('email')->limit(self::SHOWN)->get(),
            'signIns' => $this->member()->signIns()->latest('seen_at')->limit(self::SHOWN)->get(),
            'here'    => session(SignIn::KEY),
            'open'    => $studio->invitations()->whereNull('accepted_at')->where('expires_at', '>', now())->latest()->limit(20)->get(),
        ]);
    }

    public function update(Request $request): RedirectResponse
    {
        $request->validate(
            ['name' => ['required', 'string', 'max:' . Limits::NAME], 'units' => ['required', Rule::enum(UnitSystem::class)]],
            Words::asked('studio'),
        );
        $this->studio()->update(['name' => $request->string('name')->toString(), 'units' => $request->enum('units', UnitSystem::class)]);

        return back()->with('said', __('said.kept'));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Http\Controllers\Controller;
use App\Http\Seen;
use App\Interchange\Form\StudioDefaults;
use App\Models\SignIn;
use App\View\Page\FieldTexts;
use App\Words\Limits;
use App\Words\Words;
use DateTimeZone;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Illuminate\View\View;
use Pensilis\Quantity\UnitSystem;

final class StudioController extends Controller
{
    private const SHOWN = 50;

    public function edit(): View
    {
        $studio = $this->studio();

        $whole = StudioDefaults::whole($studio->defaults);

        return view('studio.edit', [
            'studio'  => $studio,
            'texts'   => new FieldTexts($whole, $studio->units),
            'groups'  => StudioDefaults::groups($whole),
            'resins'  => $studio->resins(),
            'members' => $studio->members()->orderBy('email')->limit(self::SHOWN)->get(),
            // A session that nobody used so long has ended by itself.
            'signIns' => $this->member()->signIns()->where('seen_at', '>', now()->subMinutes(SignIn::lifetime()))
                ->latest('seen_at')->limit(self::SHOWN)->get(),
            'zones' => DateTimeZone::listIdentifiers(),
            'here'  => session(SignIn::KEY),
            'open'  => $studio->invitations()->whereNull('accepted_at')->where('expires_at', '>', now())->latest()->limit(20)->get(),
        ]);
    }

    public function update(Request $request): RedirectResponse
    {
        $request->validate([
            'name'  => ['required', 'string', 'max:' . Limits::NAME],
            'units' => ['required', Rule::enum(UnitSystem::class)],
            'zone'  => ['nullable', 'string', 'timezone:All_with_BC'],
        ], Words::asked('studio'));
        $typed = [
            'name' => $request->string('name')->toString(), 'units' => $request->string('units')->toString(),
            'zone' => $request->string('zone')->toString(),
        ];
        $seen = Seen::by($request);
        DB::transaction(function () use ($typed, $seen): void {
            $studio = $this->studio()->refresh();
            $now = $studio->shown();
            $says = fn(string $key, string $now): string => Words::say('asked.studio.disputed', ['now' => $now]);
            $studio->update($seen->agreed($typed, $now, $says));
        });

        return back()->with('said', __('said.kept'));
    }
}

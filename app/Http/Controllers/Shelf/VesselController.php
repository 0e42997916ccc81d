<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shelf;

use App\Http\Controllers\Controller;
use App\Http\Seen;
use App\Models\KeptMeshes;
use App\Models\Piece;
use App\Models\Vessel;
use App\View\Page\ShelfVessel;
use App\Words\Limits;
use App\Words\Words;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\View\View;

/** The shelf: vessels that are kept and used again. */
final class VesselController extends Controller
{
    public function index(Request $request, KeptMeshes $meshes): View
    {
        $words = trim(self::said($request, 'q'));
        $vessels = $this->studio()->vessels()->withCount('pieces')->with('lastPiece.studio')
            ->withCount(['pieces as cast_count' => fn(Builder $some) => $some->has('mixings')])
            ->when($words !== '', self::holding('name', $words))
            ->orderBy('name')->orderBy('id')->paginate(25)->withQueryString();
        $meshes->load(array_merge(
            ...array_map(fn(Vessel $vessel): array => KeptMeshes::namedIn(['vessel' => $vessel->document]), $vessels->items()),
        ));

        return view('shelf.index', ['q'     => $words, 'page' => $vessels, 'vessels' => array_map(
            fn(Vessel $vessel): ShelfVessel => ShelfVessel::of($vessel, $meshes, $this->studio()->units),
            $vessels->items(),
        )]);
    }

    /** Keeps the vessel of a piece. */
    public function store(Request $request, Piece $piece): RedirectResponse
    {
        $said = $this->named($request);
        $vessel = $this->studio()->vessels()->create(['name' => $said, 'document' => Vessel::of($piece->document)]);
        $piece->forceFill(['vessel_id' => $vessel->id])->save();

        return redirect()->route('shelf')->with('said', __('said.shelved', ['name' => $vessel->name]));
    }

    public function update(Request $request, Vessel $vessel): RedirectResponse
    {
        $count = ['nullable', 'integer', 'min:0', 'max:' . Limits::AMOUNT];
        $request->validate(
            ['casts_before' => $count, 'lasts' => $count, 'origin' => ['nullable', 'string', 'max:' . Limits::LINE]],
            Words::asked('vessel'),
        );
        $typed = ['name' => $this->named($request), 'spare' => $request->boolean('spare') ? 'yes' : ''];
        foreach (['casts_before', 'lasts', 'origin'] as $key) {
            $typed += $request->has($key) ? [$key => self::said($request, $key)] : [];
        }
        $seen = Seen::by($request);
        DB::transaction(function () use ($vessel, $typed, $seen): void {
            $changed = $seen->agreed($typed, $vessel->refresh()->plain(), fn(string $key, string $now): string => Words::say(
                "asked.vessel.disputed-{$key}",
                ['now' => $now],
            ));
            foreach ($changed as $key => $text) {
                $vessel->setAttribute($key, match ($key) {
                    'spare'        => $text === 'yes',
                    'lasts'        => $text === '' ? null : (int) $text,
                    'casts_before' => (int) $text,
                    default        => $text,
                });
            }
            $vessel->save();
        });

        return redirect()->route('shelf')->with('said', __('said.kept'));
    }

    public function destroy(Vessel $vessel): RedirectResponse
    {
        $vessel->delete();

        return redirect()->route('shelf')->with('gone', ['id' => $vessel->id, 'name' => $vessel->name]);
    }

    public function restore(Vessel $goneVessel): RedirectResponse
    {
        $goneVessel->restore();

        return redirect()->route('shelf')->with('said', __('said.back', ['name' => $goneVessel->name]));
    }

    private function named(Request $request): string
    {
        $request->validate(['name' => ['required', 'string', 'max:' . Limits::NAME]], Words::asked('vessel'));

        return $request->string('name')->trim()->toString();
    }
}

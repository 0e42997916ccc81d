<?php

declare(strict_types=1);

use App\Models\Invitation;
use App\Models\Piece;
use App\Models\SignIn;
use App\Models\Studio;
use App\Models\SupplyKind;
use App\Models\User;
use App\Models\Vessel;
use Illuminate\Routing\Route as KnownRoute;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Tests\Mixes;
use Tests\Plans;

/*
 * Every address of the application, taken from its own list of routes, so that a new one cannot be forgotten.
 */

/** @return list<array{string, string}> method and address with its placeholders */
function addresses(): array
{
    $found = [];
    /** @var KnownRoute $route */
    foreach (Route::getRoutes()->getRoutes() as $route) {
        foreach (array_diff($route->methods(), ['HEAD', 'OPTIONS']) as $method) {
            $found[] = [$method, $route->uri()];
        }
    }

    return $found;
}

/** What may be asked for by anybody. */
const OPEN_ADDRESSES = ['/', 'sign-in', 'forgotten', 'new-password', 'new-password/{token}', 'invitation/{token}', 'feeds/{feed}.ics'];

/** Addresses that name nothing of a studio, so that there is nothing of another to name. */
const OWN_ADDRESSES = [
    'today',
    'session', 'studio', 'studio/defaults', 'studio/invitations', 'shelf', 'shelf/{kind}', 'shelf/{kind}/table.csv',
    'shelf/{kind}/table', 'materials', 'materials/findings', 'orders', 'orders/table.csv',
    'orders/table', 'pieces', 'pieces/files', 'password', 'feed', 'mixings/{mixing}',
];

/** @return array<string, string> something of everything that an address can name, of a studio with all of it */
function richStudio(User $user): array
{
    $studio = $user->studio;
    $piece = $studio->pieces()->make()->hold(Plans::coloured());
    $piece->save();
    $trashed = $studio->pieces()->make()->hold(Plans::cone());
    $trashed->save();
    $trashed->delete();
    $vessel = $studio->vessels()->create(['name' => 'Round', 'document' => Vessel::of(Plans::cone())]);
    $gone = $studio->vessels()->create(['name' => 'Gone', 'document' => Vessel::of(Plans::cone())]);
    $gone->delete();
    $supply = $studio->supplies()->create(['kind' => SupplyKind::Consumable, 'name' => 'Cups', 'document' => []]);
    $goneSupply = $studio->supplies()->create(['kind' => SupplyKind::Consumable, 'name' => 'Gloves', 'document' => []]);
    $goneSupply->delete();
    $goneOrder = $studio->orders()->create(['wanted' => 'Gone']);
    $goneOrder->delete();
    [$invitation] = Invitation::issue($studio, 'guest@studio.example');

    return [
        'piece'   => $piece->id, 'trashed' => $trashed->id, 'vessel' => (string) $vessel->id, 'goneVessel' => (string) $gone->id,
        'supply'  => (string) $supply->id, 'goneSupply' => (string) $goneSupply->id, 'pour' => '0', 'object' => '0', 'kind' => 'resins',
        'finding' => (string) $studio->findings()->create([
            'kind'    => 'stone', 'name' => 'stone', 'found_on' => '2026-03-02', 'note' => 'grey', 'figures' => [],
            'sealing' => '', 'colour' => '',
        ])->id,
        'recipe' => (string) $studio->recipes()->create(['name' => 'Dusk', 'document' => ['coat' => [], 'colours' => []]])->id,
        'order'  => (string) $studio->orders()->create(['wanted' => 'Cone'])->id, 'goneOrder' => (string) $goneOrder->id,
        'member' => (string) $user->id, 'openInvitation' => (string) $invitation->id,
        'signIn' => (string) SignIn::open($user, 'Hers')->id, 'token' => 'x',
        'mixing' => (string) Mixes::of($piece)->id, 'event' => (string) $piece->events()->value('seq'),
    ];
}

/** @return array<string, list<array<string, mixed>>> all that the tables of studios hold */
function everything(): array
{
    $all = [];
    $tables = ['studios', 'users', 'pieces', 'piece_states', 'vessels', 'supplies', 'recipes', 'findings', 'events', 'invitations',
        'orders'];
    foreach ($tables as $table) {
        $all[$table] = DB::table($table)->orderBy('id')->get()->map(fn(object $row): array => (array) $row)->all();
    }

    return $all;
}

it('shows and changes nothing for whoever is not signed in', function (): void {
    $ids = richStudio($this->member());
    $before = everything();
    foreach (addresses() as [$method, $address]) {
        if (in_array($address, OPEN_ADDRESSES, true)) {
            continue;
        }
        $path = '/' . preg_replace_callback('/\{(\w+)\}/', fn(array $name): string => $ids[$name[1]] ?? 'x', $address);
        $this->call($method, $path)->assertRedirect('/sign-in');
        $this->withHeader('HX-Request', 'true');
        $answer = $method === 'GET' ? $this->get($path) : $this->{strtolower($method)}($path);
        expect($answer->getStatusCode())->toBe(401, "{$method} {$path}")
            ->and($answer->getContent())->not->toContain('<html')->not->toContain('Larch');
        $this->flushHeaders();
    }
    expect(everything())->toEqual($before);
});

it('knows nothing of another studio, and changes nothing of it', function (): void {
    $ids = richStudio($this->member());
    $stranger = $this->member('stranger@studio.example', Studio::query()->create(['name' => 'Another', 'units' => 'metric']));
    $this->actingAs($stranger);
    $own = $this->pieceOf($stranger);
    $before = everything();
    $asked = 0;
    foreach (addresses() as [$method, $address]) {
        if (in_array($address, [...OPEN_ADDRESSES, ...OWN_ADDRESSES], true)) {
            continue;
        }
        $path = '/' . preg_replace_callback('/\{(\w+)\}/', fn(array $name): string => $ids[$name[1]], $address);
        expect($this->call($method, $path, ['step' => 'back', 'kind' => 'stone', 'name' => 'Mine'])->getStatusCode())
            ->toBe(404, "{$method} {$path}");
        $asked++;
    }
    // Names in forms are the same as names in addresses.
    $this->post("/pieces/{$own->id}/supplies", ['supply' => $ids['supply']])->assertSessionHasErrors('supply');
    $this->put("/pieces/{$own->id}/pours/0/recipe", ['recipe' => $ids['recipe']])->assertNotFound();
    $this->post('/pieces', ['title' => 'Mine', 'resin' => 'deep', 'vessel' => $ids['vessel']])->assertSessionHasErrors('vessel');
    $this->get("/pieces/{$own->id}/pours/0?with={$ids['piece']}")->assertOk()->assertDontSee('joint batch');
    $this->delete("/mixings/{$ids['mixing']}")->assertRedirect();
    expect($asked)->toBeGreaterThan(30)
        ->and(everything())->toEqual($before);
});

/** @return list<string> elements and attributes of a page that no page of ours has: they were made of a text */
function madeOf(string $body): array
{
    $page = new DOMDocument();
    @$page->loadHTML($body, LIBXML_NONET);
    $made = (new DOMXPath($page))->query(
        '//script[not(@src)] | //iframe | //img | //object | //embed | //@*[starts-with(name(), "on")] | //@autofocus[name(..) != "input"]'
            . ' | //a[starts-with(@href, "javascript")]',
    );

    return array_map(fn(DOMNode $node): string => $node->nodeName, iterator_to_array($made === false ? [] : $made, false));
}

it('shows texts as texts, wherever they are shown', function (string $text): void {
    $user = $this->member();
    $studio = $user->studio;
    $studio->update(['name' => mb_substr($text, 0, 120)]);
    $plan = Plans::coloured();
    $plan['title'] = $plan['inclusions'][0]['id'] = mb_substr($text, 0, 60);
    $plan['resins'][0]['name'] = $plan['colours'][0]['name'] = mb_substr($text, 0, 60);
    $plan['pours'][2]['zones'][0]['name'] = mb_substr($text, 0, 60);
    $plan['pours'][0]['applied'] = [
        ['kind' => 'lettering', 'says' => mb_substr($text, 0, 60), 'at_mm' => [0, 0], 'size_mm' => [20, 6]],
    ];
    $piece = $this->pieceOf($user, $plan);
    $this->actingAs($user);
    $this->post("/pieces/{$piece->id}/vessel", ['name' => $text]);
    $this->post('/materials/findings', ['name' => $text, 'found_on' => '2026-03-02', 'note' => $text, 'skeleton' => '1.5']);
    $studio->supplies()->create(['kind' => SupplyKind::Resin, 'name' => $text, 'lot' => mb_substr($text, 0, 60), 'document' => []]);
    SignIn::open($user, $text);
    foreach ([
        '/pieces', "/pieces/{$piece->id}", "/pieces/{$piece->id}?heat=1", "/pieces/{$piece->id}/sheet", "/pieces/{$piece->id}/template",
        "/pieces/{$piece->id}/template?as=svg", "/pieces/{$piece->id}/pours/0", "/pieces/{$piece->id}/pours/2", '/shelf', '/shelf/resins',
        '/materials', '/studio', "/pieces/{$piece->id}?from={$text}",
    ] as $path) {
        expect(madeOf((string) $this->get($path)->assertOk()->getContent()))->toBe([], $path);
    }
})->with([
    'script'   => '<script>alert(1)</script>', 'image' => '<img src=x onerror=alert(1)>', 'attribute' => '" onload="alert(1)" x="',
    'entity'   => '&lt;script&gt;alert(1)&lt;/script&gt;', 'svg' => '</text><svg onload=alert(1)>',
    'title'    => '</title><script>alert(1)</script>',
    'blade'    => '{{ config("app.key") }} @php echo 1; @endphp', 'quote' => "' onfocus='alert(1)' autofocus '",
    'textarea' => '</textarea><script>alert(1)</script>', 'address' => 'javascript:alert(1)', 'percent' => '%s%n:count:name',
]);

it('fills no words of its own with what somebody wrote', function (): void {
    $user = $this->member();
    $piece = $this->pieceOf($user, ['title' => ':count :name :email {{ 1 }}'] + Plans::cone());
    $this->actingAs($user)->get("/pieces/{$piece->id}")->assertSee(':count :name :email {{ 1 }}');
    $this->post("/pieces/{$piece->id}/copies");
    expect(Piece::query()->where('title', 'like', '%copy%')->sole()->title)->toBe(':count :name :email {{ 1 }} (copy)');
});

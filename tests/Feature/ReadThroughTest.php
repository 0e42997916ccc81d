<?php

declare(strict_types=1);

use App\Interchange\Form\Field;
use App\Interchange\Form\PlanFields;
use App\Models\Piece;
use App\Models\User;
use Database\Seeders\DatabaseSeeder;
use Pensilis\Quantity\UnitSystem;
use Tests\Plans;

/** @return list<string> all that a page shows or says aloud: texts, what stands in fields, labels and titles */
function readOf(string $html): array
{
    $page = new DOMDocument();
    $page->loadHTML('<?xml encoding="utf-8"?>' . $html, LIBXML_NOERROR);
    $path = new DOMXPath($page);
    $said = [];
    foreach ($path->query('//body//text()[not(ancestor::script) and not(ancestor::style)] | //title/text()
        | //@aria-label | //@title | //@placeholder | //@alt
        | //input[not(@type) or @type="text" or @type="search"]/@value') as $node) {
        $text = trim((string) preg_replace('/\s+/u', ' ', $node->nodeValue));
        if ($text !== '') {
            $said[] = $text;
        }
    }

    return $said;
}

/** @return list<string> the addresses of the demo studio, all its pieces, pours, supplies and shelves */
function addressesOf(User $user): array
{
    $addresses = [
        '/pieces', '/materials', '/studio', '/shelf', '/nowhere',
        ...array_map(fn(string $kind): string => "/shelf/{$kind}", ['resins', 'colours', 'sealers', 'devices', 'consumables']),
    ];
    foreach ($user->studio->supplies()->get() as $supply) {
        $addresses[] = "/supplies/{$supply->id}";
    }
    foreach (Piece::query()->with('studio')->get() as $piece) {
        $at = "/pieces/{$piece->id}";
        array_push($addresses, $at, "{$at}?heat=1", "{$at}/sheet", "{$at}/template", "{$at}/photograph", "{$at}/pours/0", "{$at}/pours/1");
    }

    return $addresses;
}

it('says nothing in keys, fills every sentence, and says no millimetre to a studio in inches', function (): void {
    config(['pensilis.sign_in_file' => (string) tempnam(sys_get_temp_dir(), 'read')]);
    $this->seed(DatabaseSeeder::class);
    unlink(config()->string('pensilis.sign_in_file'));
    $this->user = User::query()->sole();
    $this->actingAs($this->user);
    // Something is wrong with some, so that findings are read too.
    foreach (Piece::query()->with('studio')->whereIn('title', ['Larch cone block', 'Gentian tray', 'Garnet drops'])->get() as $piece) {
        $document = $piece->document;
        $document['studio'] = ['scale_step_g' => 5, 'scale_limit_g' => 60] + ($document['studio'] ?? []);
        // What nothing keeps so cool is looked for long: one tells it for all.
        $document['studio']['max_peak_celsius'] = $piece->title === 'Larch cone block' ? 24 : 60;
        $document['vessel']['level'] = ['rise_mm' => 6, 'over_mm' => 100];
        $document['purpose'] = [
            'use' => 'hot-cups', 'fittings' => [['kind' => 'hook', 'at_mm' => [0, 0], 'radius_mm' => 6, 'depth_mm' => 40]],
        ] + ($document['purpose'] ?? []);
        foreach (array_keys($document['inclusions']) as $i) {
            $document['inclusions'][$i]['sealed_coats'] = 0;
            $document['inclusions'][$i]['material']['moisture_pct'] = 30;
        }
        $broken = $piece->replicate();
        $broken->hold($document)->save();
    }
    $read = 0;
    // What was computed for one is there for the other: both in one go.
    foreach (UnitSystem::cases() as $system) {
        $this->user->studio->update(['units' => $system]);
        $foreign = $system === UnitSystem::Us
            ? '/\d\s?(mm|cm|°C)\b|\bmm\b|°C|millimet|\bcm\b(?![²³])/u'
            : '/°F|\b(oz|inch(es)?)\b/u';
        foreach (addressesOf($this->user->refresh()) as $address) {
            $said = readOf((string) $this->get($address)->getContent());
            $read += count($said);
            // The choice of units itself names them.
            $plain = str_replace(['millimetres, grams, °C', 'inches, fluid ounces, °F', 'Any unit can be typed anywhere'], '', $said);
            expect(preg_grep('/\b[a-z0-9]+_[a-z0-9_]+\b|(?<![\w:]):[a-z]|\b(NAN|INF)\b/', $said))->toBe([], $address)
                ->and(preg_grep($foreign, $plain))->toBe([], $address);
        }
    }
    expect($read)->toBeGreaterThan(40_000);
});

it('refuses in the units of the studio too', function (): void {
    [$user, $piece] = $this->signedIn(Plans::coloured());
    $user->studio->update(['units' => UnitSystem::Us]);
    $typed = array_fill_keys(array_map(fn(Field $field): string => $field->pointer, (new PlanFields($piece->document))->all()), 'what?');
    $this->from("/pieces/{$piece->id}")->patch("/pieces/{$piece->id}", ['f' => $typed])->assertSessionHasErrors();
    $refused = session('errors')->all();
    expect(count($refused))->toBeGreaterThan(40);
    foreach ($refused as $said) {
        expect(preg_match('/\d\s?(mm|cm|°C)\b|°C|[a-z]_[a-z]/u', $said))->toBe(0, $said);
    }
});

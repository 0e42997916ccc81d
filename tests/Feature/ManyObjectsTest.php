<?php

declare(strict_types=1);

use App\Interchange\Form\PlanFields;
use Pensilis\Quantity\UnitSystem;
use Tests\Plans;

/** @return array<string, mixed> a wide block with so many pebbles */
function pebbles(int $many): array
{
    $pebble = Plans::cone()['inclusions'][0];

    return Plans::changed(['/vessel/diameter_mm' => 900, '/inclusions' => array_map(fn(int $n): array => [
        'id' => "pebble {$n}", 'at_mm' => [-360 + 30 * ($n % 25), -285 + 30 * intdiv($n, 25)], 'size_mm' => [20, 20, 8],
    ] + $pebble, range(0, $many - 1))], Plans::cone());
}

it('shows what each of many objects is where it is opened', function (): void {
    [$user, $piece] = $this->signedIn(pebbles(45));
    $at = "/pieces/{$piece->id}";
    $size = fn(int $n): string => "f[/inclusions/{$n}/size_mm/0]";
    $this->get($at)->assertOk()->assertSee('f[/inclusions/44/at_mm/0]', false)->assertSee("hx-get=\"{$at}/objects/7\"", false)
        ->assertDontSee($size(7), false);
    $this->get("{$at}/objects/7", ['HX-Request' => 'true'])->assertOk()->assertDontSee('<html', false)
        ->assertSee($size(7), false)->assertSee('name="open[]" value="7"', false);
    // Without script, and where the form is put together anew.
    $this->get("{$at}?open[]=7")->assertSee($size(7), false)->assertDontSee($size(8), false);
    $edit = fn(string $pointer, string $shown, string $typed) => $this->patch($at, [
        'edit' => json_encode(['of' => $piece->refresh()->fingerprint(), 'f' => [$pointer => [$shown, $typed]]]), 'open' => ['7'],
    ], ['HX-Request' => 'true']);
    $edit('/inclusions/0/copies', '', '2')->assertOk()->assertHeader('HX-Retarget')
        ->assertSee($size(7), false)->assertDontSee($size(8), false);
    $edit('/inclusions/7/size_mm/0', '20 mm', '18 mm')->assertOk();
    expect($piece->refresh()->document['inclusions'][7]['size_mm'][0])->toEqual(18);
    $this->get("{$at}/objects/45")->assertNotFound();
    $this->actingAs($this->member('two@studio.example'))->get("{$at}/objects/7")->assertNotFound();
    // Few are there as they are.
    $few = $this->pieceOf($user, pebbles(40));
    $this->actingAs($user)->get("/pieces/{$few->id}")->assertSee($size(39), false);
});

it('keeps the page of five hundred objects small, and takes all of it back', function (): void {
    [, $piece] = $this->signedIn(pebbles(500));
    $page = (string) $this->get("/pieces/{$piece->id}")->assertOk()->getContent();
    expect(strlen($page))->toBeLessThan(3_000_000);
    // Without script all that it shows is sent at once: what PHP and the request take.
    preg_match_all('/name="f\[([^"]+)\]"/', $page, $fields);
    expect(count($fields[1]))->toBeGreaterThan(3000)->toBeLessThan(12_000);
    $texts = array_fill_keys($fields[1], '') ;
    foreach ((new PlanFields($piece->document))->all() as $field) {
        $texts = isset($texts[$field->pointer]) ? [$field->pointer => $field->text($piece->document, UnitSystem::Metric)] + $texts : $texts;
    }
    $this->patch("/pieces/{$piece->id}", ['f' => ['/title' => 'All at once'] + $texts])->assertSessionHasNoErrors();
    expect($piece->refresh()->title)->toBe('All at once')->and($piece->document['inclusions'])->toHaveCount(500);
});

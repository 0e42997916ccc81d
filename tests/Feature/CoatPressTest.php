<?php

declare(strict_types=1);

use App\View\Page\PieceView;
use Pensilis\PlanFile\Document;
use Pensilis\Quantity\UnitSystem;
use Tests\Plans;

beforeEach(function (): void {
    [$this->user] = $this->signedIn(Plans::coneWithPours());
});

it('takes one press for each colour of a coat that was divided', function (): void {
    $piece = $this->pieceOf($this->user, Plans::changed(['/inclusions' => []], Plans::coneWithPours()));
    $this->post("/pieces/{$piece->id}/regions", ['way' => 'bands', 'times' => '4', 'part' => 'pour-0'])
        ->assertSessionHas('selects', 'region-0-0');
    $keys = array_slice(array_keys($this->user->studio->palette()), 0, 4);
    $pots = fn(): array => array_column((new PieceView($piece->refresh(), UnitSystem::Metric, null))->pours()
        ->swatches($this->user->studio->palette()), 'name');
    $before = $pots();
    foreach ([1, 2, 3, 3] as $n => $next) {
        $this->patch("/pieces/{$piece->id}/regions", ['part' => "region-0-{$n}", 'colour' => $keys[$n]])
            ->assertSessionHas('selects', "region-0-{$next}");
    }
    // No pot moved while they were pressed.
    expect(array_column(Document::list($piece->refresh()->document, '/pours/0/zones'), 'mix'))->toHaveCount(4)
        ->and($pots())->toBe($before);
    // What has a colour and is given another stays chosen.
    $this->patch("/pieces/{$piece->id}/regions", ['part' => 'region-0-0', 'colour' => $keys[1]])->assertSessionHas('selects', 'region-0-0');
});

<?php

declare(strict_types=1);

use App\Words\Figures;
use Illuminate\Support\Facades\DB;
use Pensilis\Quantity\UnitSystem;
use Pensilis\Scheduling\StudioClock;
use Tests\Plans;

it('lists the pieces of the studio', function (): void {
    $user = $this->member();
    $this->actingAs($user)->get('/pieces')->assertOk()->assertSee('New piece');
    $this->pieceOf($user);
    $this->actingAs($user)->get('/pieces')->assertOk()->assertSee('Larch cone block')->assertSee('90 mm across × 60 mm high, 1 object');
});

it('asks no more of the database for more pieces', function (): void {
    $user = $this->member();
    $count = function () use ($user): int {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->actingAs($user)->get('/pieces')->assertOk();

        return count(DB::getQueryLog());
    };
    $this->pieceOf($user);
    $few = $count();
    foreach (range(1, 20) as $n) {
        $this->pieceOf($user);
    }
    expect($count())->toBe($few);
});

it('finds pieces by their title, in the order that is asked for', function (): void {
    $user = $this->member();
    foreach (['Bog cotton', '50 % larch', 'Amber'] as $title) {
        $this->actingAs($user)->post('/pieces', ['title' => $title, 'resin' => 'coat']);
    }
    $this->get('/pieces?q=bog')->assertSee('Bog cotton')->assertDontSee('Amber');
    // What finds anything elsewhere is only a letter here.
    $this->get('/pieces?q=%25')->assertSee('50 % larch')->assertDontSee('Amber');
    $this->get('/pieces?q=nothing')->assertSee('No piece is called “nothing”.');
    $this->get('/pieces?by=title')->assertSeeInOrder(['50 % larch', 'Amber', 'Bog cotton']);
    $this->get('/pieces?by=changed')->assertSeeInOrder(['Amber', '50 % larch', 'Bog cotton']);
    $this->get('/pieces?q[]=x')->assertBadRequest();
});

it('says of every piece how far it is and what comes next', function (): void {
    $this->travelTo('2026-11-20 12:00');
    $user = $this->member();
    $this->actingAs($user);
    $this->post('/pieces', ['title' => 'Empty block', 'resin' => 'deep']);
    $piece = $this->pieceOf($user, ['studio' => ['start' => '2026-11-23T08:00'] + Plans::cone()['studio']] + Plans::coneWithPours());
    $this->get('/pieces')->assertSeeInOrder(['Larch cone block', 'not computed yet', 'Empty block', 'begun', 'choose what to cast']);
    $this->get("/pieces/{$piece->id}?heat=1")->assertOk();
    $this->get('/pieces')->assertDontSee('not computed yet');
    $pours = count($piece->document['pours']);
    foreach (range(0, $pours - 1) as $k) {
        // Two mixes of one pour are still one pour.
        foreach ([1, 2] as $mix) {
            $this->post("/pieces/{$piece->id}/pours/{$k}/mixings", ['mixed' => '100 g', 'kept' => '4 g'])->assertSessionHasNoErrors();
        }
        $this->get('/pieces')->assertSee($k + 1 < $pours ? ($k + 1) . " of {$pours} pours mixed" : 'Out of its mold:');
    }
});

it('tells that a planned start has gone by', function (): void {
    $figures = new Figures(UnitSystem::Metric, StudioClock::startingAt('2026-11-23T08:00'));
    $this->travelTo('2026-11-23 09:59');
    expect($figures->isPast(2.0))->toBeFalse();
    $this->travelTo('2026-11-23 10:01');
    expect($figures->isPast(2.0))->toBeTrue()
        ->and((new Figures(UnitSystem::Metric, StudioClock::unset()))->isPast(2.0))->toBeFalse();
});

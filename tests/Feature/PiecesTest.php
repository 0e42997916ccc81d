<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;

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

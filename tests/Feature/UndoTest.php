<?php

declare(strict_types=1);

use App\Models\Piece;
use Tests\Plans;

it('copies and deletes, and a delete can be undone', function (): void {
    $user = $this->member();
    $piece = $this->pieceOf($user);
    $this->actingAs($user)->post("/pieces/{$piece->id}/copies")->assertRedirect();
    expect(Piece::query()->pluck('title')->all())->toContain('Larch cone block (copy)');
    $this->actingAs($user)->delete("/pieces/{$piece->id}")->assertRedirect('/pieces');
    $this->actingAs($user)->get('/pieces')->assertSee('was deleted')->assertSee('Undo');
    $this->actingAs($user)->get("/pieces/{$piece->id}")->assertNotFound();
    $this->actingAs($user)->put("/trash/{$piece->id}")->assertRedirect('/pieces');
    $this->actingAs($user)->get("/pieces/{$piece->id}")->assertOk();
});

it('undoes and redoes the last fifty changes', function (): void {
    $user = $this->member();
    $piece = $this->pieceOf($user);
    $move = fn(float $to) => $this->actingAs($user)->patch(
        "/pieces/{$piece->id}",
        ['f' => ['/inclusions/0/target_bottom_mm' => "{$to} mm"]],
    )->assertSessionHasNoErrors();
    $step = fn(string $way) => $this->actingAs($user)->post("/pieces/{$piece->id}/steps", ['step' => $way]);
    $bottom = fn(): float => (float) $piece->fresh()->document['inclusions'][0]['target_bottom_mm'];
    $step('back')->assertSessionHas('said', 'There is nothing left to undo.');
    foreach (range(15, 20) as $to) {
        $move($to);
    }
    $step('back')->assertSessionHas('said', 'Undone: Bottom at of “cone”.');
    $step('back');
    expect($bottom())->toBe(18.0);
    $step('forth');
    expect($bottom())->toBe(19.0);
    // A new change takes the place of what was undone.
    $move(25);
    $step('forth')->assertSessionHas('said', 'There is nothing left to redo.');
    $step('back');
    expect($bottom())->toBe(19.0);
    foreach (range(1, 60) as $n) {
        $move(14 + $n / 10);
    }
    $undone = 0;
    while (str_starts_with($step('back')->getSession()->get('said'), 'Undone: ')) {
        $undone++;
    }
    expect($undone)->toBe(50)
        ->and($piece->states()->count())->toBeLessThanOrEqual(51 + 1);
    $step('sideways')->assertSessionHasErrors('step');
});

it('undoes as one what was done in one go, whatever it was sent in', function (): void {
    $user = $this->member();
    $piece = $this->pieceOf($user);
    $move = fn(float $to, string $go = '') => $this->actingAs($user)->patch(
        "/pieces/{$piece->id}",
        ['f' => ['/inclusions/0/target_bottom_mm' => "{$to} mm"], 'go' => $go],
    )->assertSessionHasNoErrors();
    $step = fn(string $way) => $this->actingAs($user)->post("/pieces/{$piece->id}/steps", ['step' => $way]);
    $bottom = fn(): float => (float) $piece->fresh()->document['inclusions'][0]['target_bottom_mm'];
    $first = $bottom();
    $move(15);
    array_map(fn(int $n) => $move(15 + $n / 10, 'a drag'), range(1, 80));
    $move(30, 'another');
    // What lies in the middle of a go does not use up what can be undone.
    expect($piece->states()->count())->toBeLessThan(20);
    foreach ([23.0, 15.0, $first] as $to) {
        $step('back');
        expect($bottom())->toBe($to);
    }
    $step('back')->assertSessionHas('said', 'There is nothing left to undo.');
    foreach ([15.0, 23.0, 30.0] as $to) {
        $step('forth');
        expect($bottom())->toBe($to);
    }
    $this->patch("/pieces/{$piece->id}", ['f' => ['/title' => 'Cone'], 'go' => str_repeat('a', 200)])->assertSessionHasErrors('go');
});

it('names what is undone', function (): void {
    $user = $this->member();
    $piece = $this->pieceOf($user);
    $step = fn(string $way) => $this->actingAs($user)->post("/pieces/{$piece->id}/steps", ['step' => $way]);
    $this->actingAs($user)->post("/pieces/{$piece->id}/objects", ['kind' => 'garnet']);
    $step('back')->assertSessionHas('said', 'Undone: “garnet”.');
    $step('forth')->assertSessionHas('said', 'Done again: “garnet”.');
    $this->patch("/pieces/{$piece->id}", ['f' => ['/title' => 'Cone', '/inclusions/0/cover_mm' => '4 mm']])->assertSessionHasNoErrors();
    $step('back')->assertSessionHas('said', 'Undone: Title and 1 more.');
    $piece->refresh()->change(fn(array $before): array => ['pours' => Plans::coneWithPours()['pours']] + $before);
    $step('back')->assertSessionHas('said', 'Undone: the pours.');
});

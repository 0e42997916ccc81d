<?php

declare(strict_types=1);

use Pensilis\Layout\Layout;
use Tests\Plans;

beforeEach(function (): void {
    [$this->user, $this->piece] = $this->signedIn(Plans::coneWithPours());
    $this->path = "/pieces/{$this->piece->id}/sheet";
    $this->done = fn(): array => $this->piece->ticks()->orderBy('step')->pluck('step')->all();
});

it('keeps a step as soon as it is ticked, once, and lets go of it', function (): void {
    $press = fn(array $said) => $this->withHeader('HX-Request', 'true')->patch($this->path, $said)->assertNoContent();
    $press(['step' => 'pour 1 pour', 'done' => ['pour 1 pour']]);
    $press(['step' => 'pour 1 pour', 'done' => ['pour 1 pour']]);
    $press(['step' => 'after 0', 'done' => ['after 0']]);
    expect(($this->done)())->toBe(['after 0', 'pour 1 pour']);
    $press(['step' => 'after 0']);
    expect(($this->done)())->toBe(['pour 1 pour']);
});

it('shows on the sheet what is done, and has a box for each step in the order of the work', function (): void {
    $pour = Layout::given($this->piece->plan())->pours[1]->id;
    $this->patch($this->path, ['step' => "{$pour} set cone", 'done' => ["{$pour} set cone"]]);
    $page = (string) $this->get($this->path)->assertOk()->getContent();
    preg_match_all('/value="([^"]+)"\s+(checked\s+)?data-tick/', $page, $found, PREG_SET_ORDER);
    $steps = array_column($found, 1);
    expect(array_unique($steps))->toBe($steps)
        ->and(array_values(array_filter($steps, fn(string $step): bool => str_starts_with($step, $pour))))
        ->toBe([
            "{$pour} set cone", "{$pour} mix", "{$pour} fill", "{$pour} pass",
        ])
        ->and(array_values(array_column(array_filter($found, fn(array $one): bool => isset($one[2]) && $one[2] !== ''), 1)))
        ->toBe(["{$pour} set cone"]);
    // Steps stay done when times move.
    $this->patch("/pieces/{$this->piece->id}", ['f' => ['/studio/start' => '2026-12-07T08:00']])->assertSessionHasNoErrors();
    $this->get($this->path)->assertSee('checked', false);
});

it('takes of a sheet without script only what was changed on it', function (): void {
    $this->patch($this->path, ['done' => ['ready dust', 'before 0'], 'were' => []])->assertRedirect($this->path);
    // An older sheet: it showed one of them, and neither what another has ticked meanwhile.
    $this->patch($this->path, ['done' => ['after 1'], 'were' => ['before 0']]);
    expect(($this->done)())->toBe(['after 1', 'ready dust']);
});

it('refuses what is no step, and ticks nothing of others', function (): void {
    $this->from($this->path)->patch($this->path, ['done' => [str_repeat('x', 300)]])->assertSessionHasErrors();
    $this->from($this->path)->patch($this->path, ['done' => 'all'])->assertSessionHasErrors();
    expect(($this->done)())->toBe([]);
    $this->actingAs($this->member('two@studio.example'));
    $this->patch($this->path, ['step' => 'after 0', 'done' => ['after 0']])->assertNotFound();
    expect(($this->done)())->toBe([]);
});

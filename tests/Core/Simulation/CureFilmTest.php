<?php

declare(strict_types=1);

use Pensilis\Simulation\CureFilm;
use Pensilis\Simulation\Simulation;
use Tests\Plans;
use Tests\SharedCalibrations;

beforeEach(function (): void {
    $store = new SharedCalibrations();
    $simulation = $this->simulation = Simulation::of(Plans::read([], Plans::coneWithPours()), $store);
    $this->filmOf = fn(int $k, float $hours): CureFilm => CureFilm::of($simulation, $store, $k, $hours);
    $this->second = $simulation->pours[1];
    $this->hours = 1.1 * $this->second->recoatCloses;
    $this->film = ($this->filmOf)(1, $this->hours);
    // The second pour: from 14 to 26 mm.
    $this->middle = 0.02;
});

it('begins at the heat of the room, and is as warm at its height as the run says', function (): void {
    // The last pour, on which nothing comes: from 26 to 60 mm.
    $hours = $this->simulation->pours[2]->gelLast + 10.0;
    $film = ($this->filmOf)(2, $hours);
    $warmest = max(array_map(
        fn(int $n): float => max(array_map(fn(float $mm): float => (float) $film->celsius($n, 1e-3 * $mm), range(27, 59))),
        range(0, CureFilm::FRAMES),
    ));
    $room = $this->simulation->plan->ambient->at(3600.0 * $this->simulation->pours[2]->startHour) - 273.15;
    expect($film->celsius(0, 0.04))->toEqualWithDelta($room, 0.5)
        ->and($warmest)->toEqualWithDelta($this->simulation->pours[2]->peakCelsius, 0.3)
        ->and($film->hour(CureFilm::FRAMES))->toEqualWithDelta($hours, 1e-9);
});

it('cures on and on, and passes the gel point when the run says that it gels', function (): void {
    $film = $this->film;
    $cure = array_map(fn(int $n): float => (float) $film->conversion($n, $this->middle), range(0, CureFilm::FRAMES));
    $sorted = $cure;
    sort($sorted);
    // 0.577: Flory's gel point for f = 2, g = 4.
    $gelled = count(array_filter($cure, fn(float $one): bool => $one < 0.577));
    expect($cure)->toBe($sorted)
        ->and($cure[0])->toBe(0.0)
        ->and($film->hour($gelled))->toBeGreaterThan($this->second->gelFirst - $this->hours / CureFilm::FRAMES)
        ->and($film->hour($gelled - 1))->toBeLessThan($this->second->gelLast);
});

it('shows nothing where nothing is poured yet, and what is poured on it from then on', function (): void {
    $film = $this->film;
    $later = 0.05;
    $there = array_filter(range(0, CureFilm::FRAMES), fn(int $n): bool => $film->celsius($n, $later) !== null);
    expect($film->level(0))->toEqualWithDelta(0.026, 1e-9)
        ->and($film->celsius(0, $later))->toBeNull()
        ->and($film->conversion(0, 0.0261))->toBeNull();
    foreach ($there as $n) {
        expect($film->level($n))->toEqualWithDelta(0.06, 1e-9);
    }
});

it('does not mix how far two pours have cured where they meet', function (): void {
    // Just above their joint a pour that has just begun is liquid, however hard the one below it.
    $film = $this->film;
    expect($film->conversion(0, 0.0141))->toBe(0.0)
        ->and($film->conversion(0, 0.0139))->toBeGreaterThan(0.6);
});

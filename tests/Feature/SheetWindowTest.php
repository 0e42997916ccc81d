<?php

declare(strict_types=1);

use Pensilis\Simulation\Simulation;
use Tests\Plans;
use Tests\SharedCalibrations;

// Windows are told no finer than they are known, what opens later and what closes sooner; a pour that is planned in between is in time.
it('prints no window that a pour which is in time lies outside of', function (string $edge, float $inside, float $celsius): void {
    $document = Plans::changed(['/studio/hours' => [], '/ambient/celsius' => $celsius], Plans::coneWithPours());
    $first = Simulation::of(Plans::read([], $document), new SharedCalibrations())->pours[0];
    $at = ['opens' => $first->recoatOpens, 'closes' => $first->recoatCloses][$edge] + $inside;
    $document = Plans::changed(['/pours/1/start_h' => round($at, 3), '/pours/2/start_h' => round($at, 3) + 90.0], $document);
    [, $piece] = $this->signedIn($document);
    $this->get("/pieces/{$piece->id}/heat")->assertOk();
    $page = html_entity_decode(strip_tags((string) $this->get("/pieces/{$piece->id}/sheet")->assertOk()->getContent()));
    $when = '(\w{3} \d+ \w{3}, \d\d:\d\d)';
    preg_match("/Pour 2\s+{$when}/", $page, $start);
    preg_match("/next pour {$when} to {$when}, later only sanded/", $page, $window);
    $hour = fn(string $told): int => DateTimeImmutable::createFromFormat('D j M, H:i Y', "{$told} 2026")->getTimestamp();
    expect($hour($start[1]))->toBeGreaterThanOrEqual($hour($window[1]))->toBeLessThanOrEqual($hour($window[2]));
})->with(['just open' => ['opens', 0.02, 21.7], 'about to close' => ['closes', -0.02, 22.4]]);

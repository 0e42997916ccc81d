<?php

declare(strict_types=1);

use Pensilis\Geometry\Outline;
use Pensilis\Geometry\Section;
use Pensilis\Material\Stuff;
use Pensilis\Numerics\Lehmer;
use Pensilis\Thermal\Grid\Decay;
use Pensilis\Thermal\Grid\EquivalentSection;
use Pensilis\Thermal\Grid\Jacket;
use Pensilis\Thermal\Grid\RadialMesh;
use Pensilis\Thermal\Grid\Row;
use Pensilis\Thermal\Grid\SectionModes;
use Pensilis\Thermal\Run\HeatNetwork;
use Pensilis\Thermal\Run\HeatStep;
use Pensilis\Vessel\Sheet;

/** Resin, as the usual one. */
function castStuff(): Stuff
{
    return Stuff::of(0.2, 1100.0, 2100.0);
}

/**
 * The cooling of a section by other means, of which nothing of the core is used: explicit steps on even squares, in air of 0 K (a
 * reference, not a room), from 1 K everywhere. C. Hirsch, Numerical Computation of Internal and External Flows, 2007, chapter 8.
 *
 * @param callable(float, float): (Stuff|null) $stuff what is at a place, m from the middle
 * @param callable(float, float): float        $share of an edge of stairs that the true one has, there
 * @param float                                $size  m, of a square
 * @param array{float, float}                  $watch
 *
 * @return array{early: float, late: float, corner: float} s until so much is left there; sum over time in the coldest square, of that there
 */
function cooledOnSquares(callable $stuff, callable $share, float $half, float $size, array $watch): array
{
    // Nothing in the outermost squares, so that no row is beside the next.
    $half = $size * (ceil($half / $size - 1e-9) + 1.0);
    $across = 2 * (int) round($half / $size);
    $middle = fn(int $n): float => ($n + 0.5) * $size - $half;
    [$cells, $links, $capacity, $open] = [[], [], [], []];
    for ($n = 0; $n < $across * $across; $n++) {
        $one = $stuff($middle($n % $across), $middle(intdiv($n, $across)));
        if ($one !== null) {
            $cells[$n] = $one;
        }
    }
    foreach ($cells as $n => $one) {
        $capacity[$n] = $size * $size * $one->volumetric();
        $open[$n] = 0.0;
        foreach ([1, -1, $across, -$across] as $to) {
            $other = $cells[$n + $to] ?? null;
            if ($other === null) {
                $open[$n] += $share($middle($n % $across), $middle(intdiv($n, $across))) * $size / (0.5 * $size / $one->conductivity + 0.1);
            } elseif ($to > 0) {
                $links[] = [$n, $n + $to, 2.0 / (1.0 / $one->conductivity + 1.0 / $other->conductivity)];
            }
        }
    }
    $dt = 0.2 * min(array_map(fn(Stuff $one): float => $size ** 2 * $one->volumetric() / $one->conductivity, $cells));
    $at = (int) round(($watch[1] + $half) / $size - 0.5) * $across + (int) round(($watch[0] + $half) / $size - 0.5);
    $kelvin = array_fill_keys(array_keys($cells), 1.0);
    [$sums, $found] = [$kelvin, []];
    for ($time = $dt; $kelvin[$at] > 5e-3; $time += $dt) {
        $flow = [];
        foreach ($open as $n => $conducts) {
            $flow[$n] = -$conducts * $kelvin[$n];
        }
        foreach ($links as [$n, $m, $conducts]) {
            $passed = $conducts * ($kelvin[$m] - $kelvin[$n]);
            $flow[$n] += $passed;
            $flow[$m] -= $passed;
        }
        $before = $kelvin[$at];
        foreach ($flow as $n => $watts) {
            $kelvin[$n] += $dt * $watts / $capacity[$n];
            $sums[$n] += $kelvin[$n];
        }
        foreach (['early' => Decay::EARLY, 'late' => Decay::LATE] as $name => $left) {
            if ($before > $left && $kelvin[$at] <= $left) {
                $found[$name] = $time - $dt * ($left - $kelvin[$at]) / ($before - $kelvin[$at]);
            }
        }
    }

    return [...$found, 'corner' => min($sums) / $sums[$at]];
}

it('lets a polygon of many sides cool as a cylinder', function (): void {
    // Incropera & DeWitt, table 5.1, Bi = 1: ζ1 = 1.2558, C1 = 1.2071; late by the fundamental term.
    $decay = SectionModes::decay(Section::within(Outline::regular(100, 0.08 * M_PI / 100.0)), Jacket::bare(0.2 / 0.04), 0.2);
    expect($decay->late / 0.04 ** 2)->toEqualWithDelta(log(1.2071 / Decay::LATE) / 1.2558 ** 2, 0.004);
});

it('lets a rectangle that is drawn cool as one that is not', function (float $a, float $b, float $early): void {
    // The product of two walls (Incropera & DeWitt, section 5.6), bare and in a mold.
    $drawn = Section::within(Outline::ofLines([[[$a, $b], [-$a, $b], [-$a, -$b], [$a, -$b]]]));
    foreach ([Jacket::bare(), Jacket::of(Sheet::siliconeMold())] as $jacket) {
        [$one, $other] = [Decay::ofRectangle($a, $b, $jacket, 0.2), SectionModes::decay($drawn, $jacket, 0.2)];
        expect($other->late / $one->late)->toEqualWithDelta(1.0, 0.015)
            ->and($other->early / $one->early)->toEqualWithDelta(1.0, $early)
            ->and($other->corner)->toEqualWithDelta($one->corner, 0.03);
    }
})->with([[0.03, 0.03, 0.01], [0.05, 0.03, 0.01], [0.1, 0.02, 0.03]]);

it('cools any section as explicit steps on squares do', function (Section $section, callable $share, array $watch, array $within): void {
    $stuff = castStuff();
    $at = fn(float $x, float $y): ?Stuff => $section->contains($x, $y) ? $stuff : null;
    $true = cooledOnSquares($at, $share, max($section->halfX, $section->halfY), 0.003, $watch);
    $decay = SectionModes::decay($section, Jacket::bare(), 0.2);
    $diffusivity = $stuff->conductivity / $stuff->volumetric();
    expect($decay->late / $diffusivity / $true['late'])->toEqualWithDelta(1.0, $within[0])
        ->and($decay->early / $diffusivity / $true['early'])->toEqualWithDelta(1.0, $within[1])
        // The coldest corner, rather too cold than too warm: then the last gel comes no earlier than is told.
        ->and($decay->corner)->toBeLessThan($true['corner'] + 0.02)->toBeGreaterThan($true['corner'] - 0.25);
})->with([
    'an ellipse' => fn(): array => [
        Section::ellipse(0.06, 0.03),
        fn(float $x, float $y): float => hypot($x / 0.06 ** 2, $y / 0.03 ** 2) / (abs($x) / 0.06 ** 2 + abs($y) / 0.03 ** 2),
        [0.0015, 0.0015],
        [0.02, 0.02],
    ],
    'an L' => fn(): array => [
        Section::within(Outline::fromPath('M0 0H96V36H36V96H0Z')),
        fn(): float => 1.0,
        [-0.0225, -0.0225],
        [0.04, 0.04],
    ],
    'a frame' => fn(): array => [
        Section::within(Outline::fromPath('M0 0H96V96H0Z M30 30V66H66V30Z')),
        fn(): float => 1.0,
        [0.0345, 0.0345],
        [0.06, 0.17],
    ],
]);

it('finds what stands for any outline, a splinter that lies aslant and a splash among them', function (array $line): void {
    // Nothing is thinner than twice its area over its perimeter; what is jagged has a core that is thicker.
    foreach ([Jacket::bare(), Jacket::of(Sheet::siliconeMold())] as $jacket) {
        $section = Section::within(Outline::ofLines([$line]));
        $found = EquivalentSection::of($section, $jacket, 0.2);
        $thick = $section->area() / $section->perimeter();
        expect($found->radius / $thick)->toBeGreaterThan(0.8)->toBeLessThan(5.0)
            ->and($found->power)->toBeGreaterThanOrEqual(0.0)->toBeLessThan(1.5);
    }
})->with(function (): Generator {
    foreach ([0.01, 0.1, 0.13, 0.2] as $width) {
        foreach ([0.3, M_PI_4, 1.2] as $turn) {
            [$c, $s] = [0.1 * cos($turn), 0.1 * sin($turn)];
            $corners = [[-1.0, -$width], [1.0, -$width], [1.0, $width], [-1.0, $width]];
            yield [array_map(fn(array $p): array => [$c * $p[0] - $s * $p[1], $s * $p[0] + $c * $p[1]], $corners)];
        }
    }
    $random = Lehmer::from(20261128);
    for ($n = 0; $n < 24; $n++) {
        $corners = 3 + 2 * $n;
        yield [array_map(function (int $i) use ($random, $corners, $n): array {
            $radius = 0.004 * 1.2 ** $n * (0.15 + 0.85 * $random->current());
            $random->next();

            return [$radius * cos(2.0 * M_PI * $i / $corners), $radius * sin(2.0 * M_PI * $i / $corners)];
        }, range(0, $corners - 1))];
    }
});

it('cools in the wall of a mold as explicit steps on squares do', function (float $half, float $wall): void {
    // A square in silicone with square corners; the stand-in in its round wall, so tall that neither end is felt.
    [$resin, $silicone, $end] = [castStuff(), Stuff::silicone(), $half + $wall];
    $at = fn(float $x, float $y): ?Stuff => max(abs($x), abs($y)) < $half ? $resin : (max(abs($x), abs($y)) < $end ? $silicone : null);
    $true = cooledOnSquares($at, fn(): float => 1.0, $end, 0.002, [0.001, 0.001]);
    $sheet = Sheet::of($silicone, $wall);
    $mesh = RadialMesh::ofSection(EquivalentSection::of(Section::rectangle($half, $half), Jacket::of($sheet), 0.2), $sheet);
    $step = new HeatStep(new HeatNetwork($mesh, [Row::upright($mesh, 1e6, $resin, $silicone)]), []);
    $kelvin = array_fill(0, $mesh->rings(), 1.0);
    for ($time = 0.0; $time < $true['late']; $time += 32.0) {
        [$kelvin] = $step->take($kelvin, $kelvin, min(32.0, $true['late'] - $time), 0.0);
    }
    expect($kelvin[0])->toEqualWithDelta(Decay::LATE, 0.008);
})->with([[0.03, 0.004], [0.024, 0.01]]);

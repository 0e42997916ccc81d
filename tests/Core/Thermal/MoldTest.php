<?php

declare(strict_types=1);

use Pensilis\Geometry\Prism;
use Pensilis\Quantity\Temperature;
use Pensilis\Resin\CalibratedResin;
use Pensilis\Resin\CureLaw;
use Pensilis\Thermal\PieceHeat;
use Pensilis\Thermal\Room\ConstantAmbient;
use Pensilis\Vessel\Sheet;
use Pensilis\Vessel\Vessel;
use Tests\Plans;

/** Rate of cure, 1/s, at 25 °C times k2; and the conversion at which it gels (Flory). */
function cureRate(float $k2, float $kelvin, float $alpha): float
{
    return $k2 * exp(52.9e3 / 8.314462618 * (1.0 / 298.15 - 1.0 / $kelvin)) * (0.08 + $alpha) * (1.0 - $alpha) ** 1.3;
}

/**
 * A box in a mold of 4 mm of silicone on a board of 18 mm, in three dimensions, with its square corners: a quarter of it, explicit steps on
 * cells of their own, of which nothing of the core is used.
 *
 * C. Hirsch, Numerical Computation of Internal and External Flows, 2007, chapter 8.
 *
 * @param array{int, int, int} $counts cells of resin along half the length, half the width and the depth
 * @param float                $size   of them, m
 *
 * @return array{peak: float, first: float, last: float} °C, and s until the first cell and the colder of the corners gel
 */
function moldInThree(array $counts, float $size, float $celsius, float $k2): array
{
    [$room, $gel, [$nx, $ny, $nz]] = [$celsius + 273.15, 1.0 / sqrt(3.0), $counts];
    // Conductivity and heat capacity of a volume, as physics.md has them: resin, silicone, wood.
    $stuffs = ['r' => [0.2, 1100.0 * 2100.0], 's' => [0.25, 1150.0 * 1300.0], 'w' => [0.12, 600.0 * 1700.0]];
    $wide = [...array_fill(0, $nx, $size), 0.002, 0.002];
    $deep = [...array_fill(0, $ny, $size), 0.002, 0.002];
    $high = [...array_fill(0, 4, 0.0045), 0.002, 0.002, ...array_fill(0, $nz, $size)];
    [$row, $sheet] = [$nx + 2, ($nx + 2) * ($ny + 2)];
    $at = fn(int $x, int $y, int $z): int => $z * $sheet + $y * $row + $x;
    [$kind, $capacity, $open, $links, $resin] = [[], [], [], [], []];
    foreach ($high as $z => $dz) {
        foreach ($deep as $y => $dy) {
            foreach ($wide as $x => $dx) {
                $kind[] = $z < 4 ? 'w' : ($z < 6 || $x >= $nx || $y >= $ny ? 's' : 'r');
            }
        }
    }
    foreach ($high as $z => $dz) {
        foreach ($deep as $y => $dy) {
            foreach ($wide as $x => $dx) {
                $c = $at($x, $y, $z);
                [$conducts, $stored] = $stuffs[$kind[$c]];
                [$capacity[$c], $open[$c]] = [$stored * $dx * $dy * $dz, 0.0];
                if ($kind[$c] === 'r') {
                    $resin[$c] = 1100.0 * 300e3 * $dx * $dy * $dz;
                }
                foreach ([[$dx, $dy * $dz, $wide[$x + 1] ?? null, 1], [$dy, $dx * $dz, $deep[$y + 1] ?? null, $row],
                    [$dz, $dx * $dy, $high[$z + 1] ?? null, $sheet]] as [$own, $area, $next, $to]) {
                    if ($next === null) {
                        $open[$c] += $area / (0.5 * $own / $conducts + 0.1);
                    } else {
                        $links[] = [$c, $c + $to, $area / (0.5 * $own / $conducts + 0.5 * $next / $stuffs[$kind[$c + $to]][0])];
                    }
                }
                $open[$c] += $z === 0 ? $dx * $dy / (0.5 * $dz / $conducts + 0.1) : 0.0;
            }
        }
    }
    $out = $open;
    foreach ($links as [$c, $d, $conducts]) {
        $out[$c] += $conducts;
        $out[$d] += $conducts;
    }
    $step = 0.95 * min(array_map(fn(float $held, float $all): float => $held / $all, $capacity, $out));
    // Corners of the resin, above and below, carried on straight from the cells inside.
    $corners = [[$at($nx - 1, $ny - 1, 6), $sheet, 0.0], [$at($nx - 1, $ny - 1, 5 + $nz), -$sheet, 0.0]];
    [$kelvin, $alpha, $peak, $first] = [array_fill(0, count($kind), $room), array_fill_keys(array_keys($resin), 0.0), $room, null];
    for ($time = 0.0; min($corners[0][2], $corners[1][2]) < $gel; $time += $step) {
        $flow = [];
        foreach ($open as $c => $conducts) {
            $flow[$c] = $conducts * ($room - $kelvin[$c]);
        }
        foreach ($links as [$c, $d, $conducts]) {
            $passed = $conducts * ($kelvin[$d] - $kelvin[$c]);
            $flow[$c] += $passed;
            $flow[$d] -= $passed;
        }
        foreach ($corners as $n => [$c, $up]) {
            $here = $kelvin[$c] + 0.5 * (3.0 * $kelvin[$c] - $kelvin[$c - 1] - $kelvin[$c - $row] - $kelvin[$c + $up]);
            $corners[$n][2] += $step * cureRate($k2, $here, $corners[$n][2]);
        }
        foreach ($resin as $c => $heat) {
            // By the midpoint rule.
            $half = $alpha[$c] + 0.5 * $step * cureRate($k2, $kelvin[$c], $alpha[$c]);
            $gain = $step * cureRate($k2, $kelvin[$c], $half);
            $alpha[$c] += $gain;
            $flow[$c] += $gain * $heat / $step;
            $first ??= $alpha[$c] >= $gel ? $time + $step : null;
        }
        foreach ($flow as $c => $watts) {
            $kelvin[$c] += $step * $watts / $capacity[$c];
        }
        $peak = max($peak, max($kelvin));
    }

    return ['peak' => $peak - 273.15, 'first' => (float) $first, 'last' => $time];
}

it('agrees with a box in its mold in three dimensions, its corners too', function (array $counts, float $size, float $rate): void {
    $true = moldInThree($counts, $size, 24.0, $rate);
    [$length, $width, $depth] = [2.0 * $counts[0] * $size, 2.0 * $counts[1] * $size, $counts[2] * $size];
    $vessel = Vessel::of(Prism::box($length, $width, $depth), Sheet::siliconeMold(), Sheet::board());
    $heat = new PieceHeat($vessel, ConstantAmbient::of(Temperature::celsius(24.0)));
    $track = $heat->follow([[new CalibratedResin(Plans::deep(), CureLaw::usual($rate, 298.15), INF, false), $depth, 0.0]])->tracks()[0];
    expect($track->peak - 273.15)->toEqualWithDelta($true['peak'], 0.5)
        ->and($track->gelFirst / $true['first'])->toEqualWithDelta(1.0, 0.005)
        ->and($track->gelLast / $true['last'])->toBeGreaterThan(0.99)->toBeLessThan(1.015);
})->with([
    'a cube of 40 mm'           => [[5, 5, 10], 0.004, 1e-4],
    'a bar of 120 × 40 × 20 mm' => [[15, 5, 5], 0.004, 8e-5],
    // At 91 °C, where what varies only with the distance from the middle is 3.6 % early.
    'a bar that runs away' => [[12, 4, 12], 0.003, 2e-4],
]);

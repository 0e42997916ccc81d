<?php

declare(strict_types=1);

/*
 * A block of 90 × 60 mm on its board at three rates: how long the core takes to follow it to its last gel (least of many runs), what it
 * finds, and the equations that it solves, as JSON for others: C dT/dt = L T + away · room + heat dα/dt, dα/dt = k (0.08 + α)(1 − α)^1.3.
 */

use Pensilis\Material\Stuff;
use Pensilis\Quantity\Temperature;
use Pensilis\Resin\CalibratedResin;
use Pensilis\Resin\CureLaw;
use Pensilis\Thermal\Grid\Grades;
use Pensilis\Thermal\Grid\RadialMesh;
use Pensilis\Thermal\Grid\Row;
use Pensilis\Thermal\Room\ConstantAmbient;
use Pensilis\Thermal\Run\HeatNetwork;
use Pensilis\Thermal\Run\PourTrack;
use Pensilis\Thermal\Run\Reaction;
use Pensilis\Thermal\Run\Stack;
use Pensilis\Vessel\Sheet;
use Tests\Plans;

require dirname(__DIR__) . '/vendor/autoload.php';

[$rows, $room, $all] = [12, 24.0, []];
foreach (['mild' => 2e-5, 'hot' => 4e-5, 'runaway' => 8e-5] as $name => $rate) {
    $mesh = RadialMesh::round(0.045, Sheet::siliconeMold());
    $resin = new CalibratedResin(Plans::deep(), CureLaw::usual($rate, 298.15), INF, false);
    [$least, $gelled] = [INF, fn(PourTrack $track): bool => $track->gelLast !== null];
    for ($n = 0; $n < 25; $n++) {
        $start = hrtime(true);
        $run = Stack::run($mesh, Sheet::siliconeMold(), Sheet::board(), ConstantAmbient::of(Temperature::celsius($room)));
        $run->pour($resin, 0.06, 0.0, $rows);
        $run->goOnUntil($gelled, 30.0 * 86400.0);
        $least = min($least, (hrtime(true) - $start) / 1e6);
    }
    [$stuff, $wall] = [Stuff::of(0.2, $resin->resin->density, $resin->resin->heatCapacity), Sheet::siliconeMold()];
    $stack = Stack::under($mesh, $wall, Sheet::board());
    $under = count($stack);
    $faces = Grades::bothWays($rows);
    for ($j = 0; $j < $rows; $j++) {
        $stack[] = Row::upright($mesh, 0.06 * ($faces[$j + 1] - $faces[$j]), $stuff, $wall->stuff, 0);
    }
    $reaction = Reaction::of($resin, array_slice($stack, $under), $under * $mesh->rings());
    $network = new HeatNetwork($mesh, $stack);
    $cells = count($network->capacities());
    $nothing = array_fill(0, $cells, 0.0);
    // What flows where one cell alone is a kelvin over an air of 0: a column of L; where only the air is, what it gives.
    $columns = array_map(fn(int $c): array => $network->flow([$c => 1.0] + $nothing, $nothing, 0.0)[0], range(0, $cells - 1));
    [$track] = $run->tracks();
    $all[$name] = [
        'columns' => $columns, 'away' => $network->flow($nothing, $nothing, 1.0)[0], 'capacity' => $network->capacities(),
        'cells'   => $reaction->cells, 'heat' => $reaction->heat, 'k' => $rate, 'room' => $room + 273.15, 'end' => $run->time(),
        'core'    => ['ms' => $least, 'peak' => $track->peak - 273.15, 'first' => $track->gelFirst],
    ];
}
echo json_encode($all, JSON_THROW_ON_ERROR);

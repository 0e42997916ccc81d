<?php

declare(strict_types=1);

/*
 * Times of the core and of the pages, on the demo data: median and 95th percentile in milliseconds, with JIT as
 * bin/serve runs it. Pages are asked from the application in this process, in an in-memory database.
 */

use App\Models\Event;
use App\Models\Piece;
use App\Models\User;
use Database\Seeders\DatabaseSeeder;
use Database\Seeders\DemoPieces;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;
use Pensilis\Answer\Planner;
use Pensilis\Answer\Replan;
use Pensilis\Geometry\MeshSlicer;
use Pensilis\Geometry\StlReader;
use Pensilis\Layout\Draft;
use Pensilis\PlanFile\Document;
use Pensilis\PlanFile\PlanReader;
use Pensilis\PlanFile\RecordReader;
use Pensilis\Record\EventKind;
use Pensilis\Simulation\Simulation;
use Pensilis\Thermal\Fit\CalibrationMemory;
use Tests\Meshes;

putenv('DB_DATABASE=:memory:');
$_ENV += ['DB_DATABASE' => ':memory:', 'CACHE_STORE' => 'array', 'SESSION_DRIVER' => 'array',
    'APP_ENV'           => 'testing', 'APP_DEBUG' => 'false',
    'APP_KEY'           => 'base64:' . base64_encode(random_bytes(32)), 'PENSILIS_SIGN_IN_FILE' => tempnam(sys_get_temp_dir(), 'bench'),
    'APP_CONFIG_CACHE'  => 'storage/framework/testing/no-config.php'];
$_SERVER = $_ENV + $_SERVER;
require dirname(__DIR__) . '/vendor/autoload.php';
$app = require dirname(__DIR__) . '/bootstrap/app.php';
$kernel = $app->make(Kernel::class);
$kernel->bootstrap();
$smoke = in_array('--smoke', $argv, true);

$time = function (string $what, int $runs, callable $do) use ($smoke): void {
    $do(0);
    $taken = [];
    for ($n = 1; $n <= ($smoke ? 1 : $runs); $n++) {
        $start = hrtime(true);
        $do($n);
        $taken[] = (hrtime(true) - $start) / 1e6;
    }
    sort($taken);
    printf("%-62s %8.1f %8.1f ms\n", $what, $taken[intdiv(count($taken), 2)], $taken[(int) floor(0.95 * (count($taken) - 1))]);
};

printf("%-62s %8s %8s\n", '', 'median', '95 %');
$document = json_decode((string) file_get_contents(__DIR__ . '/../tests/Core/Answer/cases/larch-cone.json'), true);
$given = PlanReader::read($document);
$open = PlanReader::read(array_diff_key($document, ['pours' => null]));
$time('simulate: cone block, three pours to full cure', 20, fn() => Simulation::of($given, new CalibrationMemory()));
foreach ([5, 40] as $count) {
    $pour = fn(int $n): array => ['resin' => 'deep', 'depth_mm' => 6, 'start_h' => 48 * $n];
    $column = array_merge($document, ['inclusions' => [], 'pours' => array_map($pour, range(0, $count - 1))]);
    $column['vessel']['height_mm'] = 6 * $count;
    $pours = PlanReader::read($column);
    $time("simulate: a column of {$count} pours of 6 mm", 10, fn() => Simulation::of($pours, new CalibrationMemory()));
}
$time('plan: cone block, layers, clock, heat, sheet calibrated', 10, fn() => (new Planner(new CalibrationMemory()))->plan($open));
foreach (DemoPieces::all('2026-03-02') as $piece) {
    $plan = PlanReader::read($piece);
    $time("plan: {$piece['title']}", 5, fn() => (new Planner(new CalibrationMemory()))->plan($plan));
}
$events = array_map(
    fn(int $n): array => ['id' => "e{$n}", 'kind' => 'room', 'at_h' => $n / 1000, 'celsius' => 21],
    range(1, $smoke ? 99 : 9_999),
);
$happened = [['kind' => 'poured', 'pour' => 0, 'at_h' => 0], ['kind' => 'gelled', 'pour' => 0, 'at_h' => 40]];
$time(
    'record: ' . number_format(1 + count($events)) . ' events read and folded',
    5,
    fn() => RecordReader::ofPlan(['record' => ['events' => [$happened[0], ...$events]]], $given),
);
$progress = RecordReader::ofLog(['now_h' => 41, 'events' => $happened], $given);
$log = ['now_h' => 41, 'events' => [...$happened, ...$events]];
$long = RecordReader::ofLog(['events' => array_slice($log['events'], 0, $smoke ? 99 : 9_999)] + $log, $given);
$time('record: planned on from as many', 3, fn() => Replan::of($given, $long, new CalibrationMemory()));
$time('record: planned on from a pour and its gel', 5, fn() => Replan::of($given, $progress, new CalibrationMemory()));
$time('layers only: cone block', 50, fn() => Draft::of($open));
$many = $document;
unset($many['pours']);
$many['vessel']['diameter_mm'] = 300;
for ($i = 0; $i < 40; $i++) {
    $many['inclusions'][$i] = ['id' => "o{$i}", 'at_mm' => [
        -110 + 30 * ($i % 8), -60 + 30 * intdiv($i, 8),
    ], 'size_mm' => [20, 20, 8], 'shape' => 'disc', 'target_bottom_mm' => 10 + 15 * ($i % 3),
        'tolerance_mm' => 2, 'sealed_coats' => 1, 'material' => ['skeleton_g_cm3' => 2.6]];
}
$time('layers only: 40 objects', 20, fn() => Draft::of(PlanReader::read($many)));

[$rings, $segments] = $smoke ? [20, 20] : [317, 317];
$stl = str_split(Meshes::binary(Meshes::ball(25.0, $rings, $segments)), 65536);
memory_reset_peak_usage();
$before = memory_get_usage();
$time(
    'mesh: ' . number_format(2 * $segments * ($rings - 1)) . ' facets read and sliced',
    5,
    fn() => MeshSlicer::slice(StlReader::read($stl), 1e-3),
);
printf("%-62s %8.0f MB over the file\n", 'mesh: greatest memory', (memory_get_peak_usage() - $before) / 1e6);
unset($stl);

$app->instance('request', Request::create('/'));
Artisan::call('migrate', ['--force' => true]);
$app->make(DatabaseSeeder::class)->run();
unlink((string) config('pensilis.sign_in_file'));
Auth::login(User::query()->sole());
$ask = function (string $method, string $address, array $said = [], bool $htmx = false) use ($kernel): void {
    $request = Request::create($address, $method, $said, server: $htmx ? ['HTTP_HX_REQUEST' => 'true'] : []);
    $response = $kernel->handle($request);
    if ($response->getStatusCode() !== 200) {
        throw new RuntimeException("{$method} {$address}: {$response->getStatusCode()}");
    }
};
$cone = Piece::query()->where('title', 'Larch cone block')->sole();
$ask('GET', "/pieces/{$cone->id}/heat");
$time('page: pieces', 40, fn() => $ask('GET', '/pieces'));
$days = array_map(function (int $n) use ($cone): Piece {
    $piece = $cone->replicate();
    $piece->hold(Document::with($cone->document, '/title', "Piece {$n}"))->save();

    return $piece;
}, range(1, $smoke ? 3 : 200));
foreach ($days as $piece) {
    $ask('GET', "/pieces/{$piece->id}/heat");
}
$time('page: today with ' . count($days) . ' pieces', 20, fn() => $ask('GET', '/today'));
for ($n = 0; $n < ($smoke ? 10 : 5000); $n++) {
    Event::note($days[$n % count($days)], EventKind::Prepared, ['step' => "step {$n}"]);
}
$time('page: today with ' . number_format(Event::query()->count()) . ' events', 20, fn() => $ask('GET', '/today'));
array_map(fn(Piece $piece): ?bool => $piece->forceDelete(), $days);
$time('page: piece, computed before', 40, fn() => $ask('GET', "/pieces/{$cone->id}"));
$crowd = $document;
unset($crowd['pours']);
$crowd['vessel']['diameter_mm'] = 900;
for ($i = 0; $i < 500; $i++) {
    $place = [-360 + 30 * ($i % 25), -285 + 30 * intdiv($i, 25)];
    $crowd['inclusions'][$i] = ['id' => "o{$i}", 'at_mm' => $place] + $many['inclusions'][$i % 40];
}
$full = $cone->replicate();
$full->hold($crowd)->save();
$time('page: 500 objects', 5, fn() => $ask('GET', "/pieces/{$full->id}"));
$full->forceDelete();
$time('page: pour sheet', 40, fn() => $ask('GET', "/pieces/{$cone->id}/sheet"));
$move = fn(int $n) => $ask('PATCH', "/pieces/{$cone->id}", ['f' => ['/inclusions/0/target_bottom_mm' => (10 + $n % 9) . ' mm']], true);
$time('change: the cone moves, drawing and grams', 60, $move);
$time('change: heat, windows and clock after it', 9, function (int $n) use ($ask, $cone, $move): void {
    $move($n);
    Cache::flush();
    $ask('GET', "/pieces/{$cone->id}/heat");
});
$cone->refresh()->hold(Document::with($many, '/title', 'Forty objects'))->save();
$time(
    'change: one of 40 objects moves, drawing and grams',
    30,
    fn(int $n) => $ask('PATCH', "/pieces/{$cone->id}", ['f' => ['/inclusions/3/at_mm/0' => (-20 + $n % 7) . ' mm']], true),
);
$coats = [];
for ($k = 0; $k < 10; $k++) {
    $zones = [];
    foreach (['band' => [
        'angle_deg' => 20 * $k, 'from_mm' => -40, 'to_mm' => -12,
    ], 'ring' => ['at_mm' => [10, 8], 'inner_mm' => 6, 'outer_mm' => 22], 'half' => ['angle_deg' => 90, 'from_mm' => 18],
        'outline' => [
            'path' => 'M0 0C10 0 20 10 20 20L0 20Z', 'at_mm' => [-20, -15],
        ], 'line' => ['points_mm' => [[-40, -20], [0, 5], [40, 20]], 'width_mm' => 4]] as $shape => $sizes) {
        $zones[] = ['shape' => $shape, 'name' => $shape] + $sizes + [
            'mix' => [[
                'colour'                                            => ['blue', 'white', 'rust'][count($zones) % 3],
                count($zones) % 3 === 1 ? 'pct' : 'drops_per_10_ml' => 0.1,
            ]],
        ];
    }
    $zones[] = [
        'shape' => 'band', 'name' => 'last', 'angle_deg' => 45, 'from_mm' => 25, 'to_mm' => 40,
        'mix'   => [['colour' => 'rust', 'drops_per_10_ml' => 0.2]],
    ];
    $coats[] = ['resin' => 'deep', 'depth_mm' => 6, 'start_h' => 30 * $k, 'zones' => $zones];
}
$coloured = Document::with(Document::with($document, '/pours', $coats), '/colours', [[
    'id' => 'blue', 'name' => 'Blue', 'kind' => 'ink', 'shade' => '#2458a8',
],
    [
        'id' => 'white', 'name' => 'White', 'kind' => 'pigment', 'shade' => '#f4f3ee',
    ], ['id' => 'rust', 'name' => 'Rust', 'kind' => 'ink', 'shade' => '#b5561c']]);
$cone->refresh()->hold($coloured)->save();
$time(
    'change: a share in 10 pours of 6 regions, all drawings',
    40,
    fn(int $n) => $ask('PATCH', "/pieces/{$cone->id}", ['f' => ['/pours/4/zones/0/share_pct' => (string) (20 + $n % 9)]], true),
);
$time(
    'change: a colour in 10 pours of 6 regions, all drawings',
    40,
    fn(int $n) => $ask('PATCH', "/pieces/{$cone->id}", ['f' => ['/colours/0/shade' => sprintf('#2458%02x', 100 + $n % 50)]], true),
);

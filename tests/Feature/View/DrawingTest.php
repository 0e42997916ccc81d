<?php

declare(strict_types=1);

use App\View\Drawing\Gaze;
use App\View\Drawing\PlanDrawing;
use App\View\Drawing\SectionDrawing;
use App\View\Drawing\Silhouette;
use App\View\Drawing\TemplateDrawing;
use App\View\Page\PieceView;
use App\Words\Figures;
use Illuminate\Http\Request;
use Pensilis\Layout\Draft;
use Pensilis\Quantity\UnitSystem;
use Pensilis\Scheduling\StudioClock;
use Tests\Plans;

/** @param array<string, mixed> $changes */
function section(array $changes = [], UnitSystem $system = UnitSystem::Metric): SectionDrawing
{
    $plan = Plans::read($changes);

    return new SectionDrawing($plan, Draft::of($plan)->layout, new Figures($system, StudioClock::unset()), Gaze::straight());
}

function metric(): Figures
{
    return new Figures(UnitSystem::Metric, StudioClock::unset());
}

/** @return list<array{float, float}> */
function corners(string $points): array
{
    return array_map(fn(string $pair): array => array_map(floatval(...), explode(',', $pair)), explode(' ', $points));
}

it('draws the section to scale', function (): void {
    $drawing = section();
    // 90 mm across and 60 mm high, both by the same scale.
    $across = $drawing->x(0.045) - $drawing->x(-0.045);
    $high = $drawing->y(0.0) - $drawing->y(0.06);
    expect($across / 90.0)->toEqualWithDelta($drawing->scale, 1e-3)
        ->and($high / 60.0)->toEqualWithDelta($drawing->scale, 1e-3)
        ->and($drawing->stretch)->toBe(1)
        ->and($drawing->rim())->toBe($drawing->y(0.06));
});

it('keeps everything inside its frame', function (array $changes): void {
    $drawing = section($changes);
    foreach ([...corners($drawing->outside()), ...corners($drawing->whole())] as [$x, $y]) {
        expect($x)->toBeGreaterThan(0.0)->toBeLessThan(SectionDrawing::WIDTH)
            ->and($y)->toBeGreaterThan(0.0)->toBeLessThan($drawing->height);
    }
    [$x, $y, $width, $height] = $drawing->board();
    expect($x)->toBeGreaterThan(0.0)
        ->and($x + $width)->toBeLessThan(SectionDrawing::WIDTH)
        ->and($y + $height)->toBeLessThan($drawing->height);
})->with([
    'block'      => [[]],
    'tower'      => [['/vessel/height_mm' => 400]],
    'wide tray'  => [['/vessel/diameter_mm' => 900, '/vessel/height_mm' => 12, '/inclusions' => []]],
    'thick wall' => [['/vessel/wall/thickness_mm' => 40]],
    'hemisphere' => [['/vessel/shape' => 'hemisphere', '/inclusions' => []]],
]);

it('stretches the heights of a flat vessel only, and says by how much', function (float $height, int $stretch): void {
    $drawing = section(['/vessel/height_mm' => $height, '/inclusions' => []]);
    expect($drawing->stretch)->toBe($stretch)
        ->and(($drawing->y(0.0) - $drawing->y($height / 1000)) / $height)->toEqualWithDelta($drawing->scale * $stretch, 1e-2);
})->with([[60.0, 1], [30.0, 2], [15.0, 4], [7.0, 8], [2.0, 8]]);

it('draws the layers on top of each other, from the floor to the level', function (): void {
    $layers = section()->layers();
    expect(array_column($layers, 'label'))->toBe(['14 mm', '31.5 mm', '60 mm'])
        ->and(array_column($layers, 'number'))->toBe([1, 2, 3]);
    foreach (array_slice($layers, 1) as $k => $layer) {
        $below = corners($layers[$k]['points']);
        $here = corners($layer['points']);
        // The floor of one is the top of the other.
        expect(max(array_column($here, 1)))->toEqualWithDelta(min(array_column($below, 1)), 0.01);
    }
});

it('puts an object on its layer and a cone on its base', function (): void {
    $drawing = section();
    [$cone] = $drawing->objects();
    expect($cone->y + $cone->halfY)->toEqualWithDelta($drawing->y(0.014), 0.02)
        ->and($cone->halfX / $drawing->scale)->toEqualWithDelta(14.0, 0.02)
        ->and($cone->sits)->toBeTrue()
        ->and($cone->says())->toBe('cone: bottom at 14 mm, 0 mm right of and 0 mm behind the middle');
    [$pointed] = section(['/inclusions/0/shape' => 'cone'])->objects();
    [$left, $tip, , $right] = corners($pointed->points);
    expect($tip[1])->toBeLessThan($left[1])
        ->and($left[1])->toBe($right[1])
        ->and($tip[0])->toEqualWithDelta(0.5 * ($left[0] + $right[0]), 0.02);
});

it('rules depths in the habit of the studio', function (UnitSystem $system, string $unit, array $labels): void {
    $drawing = section([], $system);
    $said = array_values(array_filter(array_column($drawing->rule(), 'label'), fn(string $label): bool => $label !== ''));
    expect($drawing->ruleUnit())->toBe($unit)
        ->and($said)->toBe($labels);
})->with([
    [UnitSystem::Metric, 'mm', ['0', '10', '20', '30', '40', '50', '60']],
    [UnitSystem::Us, 'in', ['0', '1', '2']],
]);

it('draws the plan to scale, behind being up', function (): void {
    $plan = Plans::read(['/inclusions/0/at_mm' => [10, 20]]);
    $drawing = new PlanDrawing($plan, metric(), Gaze::straight());
    [$cone] = $drawing->objects();
    expect($cone->x / $drawing->scale)->toEqualWithDelta(10.0, 0.02)
        ->and($cone->y / $drawing->scale)->toEqualWithDelta(-20.0, 0.02)
        ->and($cone->halfX / $drawing->scale)->toEqualWithDelta(14.0, 0.02)
        ->and(2.0 * ($drawing->units(0.045) + $drawing->wall()))->toBeLessThan(PlanDrawing::WIDTH)
        ->and($drawing->isTapered())->toBeFalse();
});

it('pushes the wall of an outline outward', function (): void {
    $plan = Plans::read(['/vessel' => ['shape' => 'regular-prism', 'sides' => 6, 'side_mm' => 60, 'height_mm' => 40,
        'wall'                                 => ['material' => 'silicone', 'thickness_mm' => 5]], '/inclusions' => []]);
    $drawing = new PlanDrawing($plan, metric(), Gaze::straight());
    $inner = corners($drawing->points($drawing->rim, 0.0));
    $outer = corners($drawing->points($drawing->rim, $drawing->wall()));
    foreach ($inner as $i => [$x, $y]) {
        expect(hypot(...$outer[$i]) - hypot($x, $y))->toEqualWithDelta($drawing->wall(), 0.02);
    }
});

it('draws the template in millimetres, and mirrors left and right only', function (): void {
    $plan = Plans::read(['/inclusions/0/at_mm' => [10, 20]]);
    $layout = Draft::of($plan)->layout;
    [$plain] = (new TemplateDrawing($plan, $layout, metric(), false))->objects();
    [$mirrored] = (new TemplateDrawing($plan, $layout, metric(), true))->objects();
    expect([$plain['x'], $plain['y']])->toBe([10.0, -20.0])
        ->and([$mirrored['x'], $mirrored['y']])->toBe([-10.0, -20.0])
        ->and((new TemplateDrawing($plan, $layout, metric(), false))->labels()[0]->says)->toBe('cone, 14 mm');
    foreach (corners($plain['points']) as [$x, $y]) {
        expect(hypot($x - 10.0, $y + 20.0))->toEqualWithDelta(14.0, 0.01);
    }
});

it('draws a small shape of every vessel', function (string $shape, array $sizes): void {
    $vessel = ['shape' => $shape, 'wall' => ['material' => 'glass', 'thickness_mm' => 2], ...$sizes];
    foreach (corners((new Silhouette(Plans::read(['/vessel' => $vessel, '/inclusions' => []])->vessel->shape, []))->vessel()) as [$x, $y]) {
        expect($x)->toBeGreaterThanOrEqual(2.9)->toBeLessThanOrEqual(Silhouette::WIDTH - 2.9)
            ->and($y)->toBeGreaterThanOrEqual(2.9)->toBeLessThanOrEqual(Silhouette::HEIGHT - 2.9);
    }
})->with([
    ['box', ['length_mm' => 200, 'width_mm' => 20, 'height_mm' => 10]],
    ['cylinder', ['diameter_mm' => 10, 'height_mm' => 200]],
    ['pyramid-frustum', ['bottom_length_mm' => 0, 'bottom_width_mm' => 0, 'top_length_mm' => 80, 'top_width_mm' => 80, 'height_mm' => 70]],
    ['panel', ['length_mm' => 300, 'width_mm' => 300, 'dam_mm' => 6]],
]);

it('says places and moments as people do', function (): void {
    $metric = new Figures(UnitSystem::Metric, StudioClock::startingAt('2026-03-02T08:00'));
    $us = new Figures(UnitSystem::Us, StudioClock::unset());
    expect($metric->place(0.012, -0.004))->toBe('12 mm right of and 4 mm in front of the middle')
        ->and($metric->place(-0.012, 0.0))->toBe('12 mm left of the middle')
        ->and($metric->place(0.0, 0.0))->toBe('in the middle')
        ->and($metric->moment(10.25))->toBe('Mon 2 Mar, 18:15')
        ->and($metric->moment(null))->toBe('—')
        ->and($us->moment(10.25))->toBe('after 10 h 15 min')
        ->and($us->mass(56.699))->toBe('56.7 g (2.00 oz)')
        ->and($us->length(0.0254))->toBe('1 in')
        ->and($us->heat(20.0))->toBe('68 °F')
        ->and($metric->span(null))->toBe('not within 60 days');
});

it('asks five questions and answers each in a word', function (array $changes, array $states): void {
    $piece = $this->pieceOf($this->member(), Plans::changed($changes, Plans::cone()));
    $answer = app(App\Interchange\Answers\Answers::class)->find($piece, $piece->studio->members()->sole());
    $verdict = (new PieceView($piece, UnitSystem::Metric, $answer))->verdict();
    expect(array_map(fn($question): string => $question->state(), $verdict))->toBe($states);
    $before = (new PieceView($piece, UnitSystem::Metric, null))->verdict();
    // Heat and hours are open until they are computed, never good.
    expect($before[1]->answer())->toBe('computing')
        ->and($before[2]->answer())->toBe('computing');
})->with([
    'all well'     => [[], ['good', 'good', 'good', 'good', 'good']],
    'stands out'   => [['/inclusions/0/target_bottom_mm' => 40], ['bad', 'open', 'open', 'open', 'open']],
    'not sealed'   => [['/inclusions/0/sealed_coats' => 0], ['bad', 'good', 'good', 'good', 'good']],
    'coarse scale' => [['/studio/scale_step_g' => 2], ['good', 'good', 'good', 'good', 'look']],
]);

it('looks from any side: a box shows its length, its width, and both at half a right angle', function (int $degrees, float $shown): void {
    $plan = Plans::read(['/vessel' => [
        'shape' => 'box', 'length_mm' => 120, 'width_mm' => 80, 'height_mm' => 60,
        'wall'  => ['material' => 'silicone', 'thickness_mm' => 4],
    ],
        '/inclusions/0/shape' => 'box', '/inclusions/0/size_mm' => [40, 20, 20], '/inclusions/0/at_mm' => [15, 10]]);
    $gaze = Gaze::of(Request::create('/', 'GET', ['from' => (string) $degrees]));
    $drawing = new SectionDrawing($plan, Draft::of($plan)->layout, metric(), $gaze);
    [$box] = $drawing->objects();
    expect(2.0 * $box->halfX / $drawing->scale)->toEqualWithDelta($shown, 0.05)
        // The place is turned with it: x cos θ + y sin θ.
        ->and(($box->x - $drawing->x(0.0)) / $drawing->scale)->toEqualWithDelta(
            15.0 * cos(deg2rad($degrees)) + 10.0 * sin(deg2rad($degrees)),
            0.05,
        );
})->with([[0, 40.0], [90, 20.0], [45, 60.0 * M_SQRT1_2], [180, 40.0]]);

it('turns a piece over: order and left and right are swapped', function (): void {
    $plan = Plans::read(['/inclusions/0/at_mm' => [15, 10], '/inclusions/0/group' => 'finds']);
    $turned = Gaze::of(Request::create('/', 'GET', ['turned' => '1', 'from' => 'east']));
    $drawing = new SectionDrawing($plan, Draft::of($plan)->layout, metric(), $turned);
    [$cone, $above] = [$drawing->objects()[0], (new PlanDrawing($plan, metric(), $turned))->objects()[0]];
    expect($turned->query())->toBe(['turned' => 1])
        ->and($drawing->y(0.0))->toBeLessThan($drawing->y(0.06))
        ->and($cone->x)->toBeLessThan($drawing->x(0.0))
        ->and($above->x)->toEqualWithDelta(-(new PlanDrawing($plan, metric(), Gaze::straight()))->objects()[0]->x, 1e-9)
        ->and($cone->group)->toBe('finds')
        ->and($drawing->marks())->toStartWith('0,');
});

it('draws every copy, of which one is named', function (): void {
    $plan = Plans::read(['/inclusions/0/copies' => 4, '/inclusions/0/size_mm' => [10, 10, 10]]);
    $drawing = new PlanDrawing($plan, metric(), Gaze::straight());
    expect(array_map(fn($object): string => $object->id, $drawing->objects()))->toBe(['4 × cone', '', '', '']);
});

it('marks what collides in both drawings, by shape and word', function (): void {
    $stone = ['id' => 'stone', 'shape' => 'box', 'size_mm' => [10, 10, 10],
        'at_mm'    => [5, 0], 'target_bottom_mm' => 14, 'tolerance_mm' => 2,
        'material' => ['skeleton_g_cm3' => 2.6]];
    $view = new PieceView(
        $this->pieceOf(
            $this->member(),
            Plans::changed(['/inclusions/1' => $stone, '/inclusions/2' => ['id' => 'bead', 'at_mm' => [-35, 0]] + $stone], Plans::cone()),
        ),
        UnitSystem::Metric,
        null,
    );
    $odd = fn(array $objects): array => array_map(fn($object): bool => $object->atOdds, $objects);
    expect($odd($view->drawings()->section->objects()))->toBe([true, true, false])
        ->and($odd($view->drawings()->plan->objects()))->toBe([true, true, false])
        ->and($view->drawings()->section->objects()[0]->says())->toStartWith('At odds');
});

it('draws the regions of a piece in its small picture as they are shared out', function (): void {
    $plan = Plans::read([], Plans::coloured());
    $flat = Plans::read(['/vessel/height_mm' => 12, '/vessel/fill_mm' => 12, '/inclusions' => [], '/pours' => [[
        'resin' => 'deep', 'depth_mm' => 12, 'mix' => [['colour' => 'white', 'pct' => 2]],
        'zones' => [['shape' => 'half', 'angle_deg' => 0, 'from_mm' => 0, 'mix' => [['colour' => 'blue', 'drops_per_10_ml' => 1]]]],
    ]]], Plans::coloured());
    $coats = Silhouette::ofPlan($flat)->coats();
    expect(array_column($coats, 0))->toEqualCanonicalizing([
        $flat->pours[0]->coat->ground->swatch()->toHex(), $flat->pours[0]->coat->zones[0]->recipe->swatch()->toHex(),
    ]);
    foreach ($coats as [$shade, $path]) {
        // The right half lies right of the middle, the ground left of it.
        preg_match_all('/[ML](-?[\d.]+)|H(-?[\d.]+)/', $path, $found);
        $across = array_map(floatval(...), array_filter([...$found[1], ...$found[2]], fn(string $x): bool => $x !== ''));
        $isRight = $shade === $flat->pours[0]->coat->zones[0]->recipe->swatch()->toHex();
        expect($isRight ? min($across) : max($across))->toEqualWithDelta(0.0, 0.11);
    }
    expect(Silhouette::ofPlan($plan)->coats())->not->toBe([]);
});

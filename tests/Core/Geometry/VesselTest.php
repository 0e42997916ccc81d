<?php

declare(strict_types=1);

use Pensilis\Exception\ImpossibleValue;
use Pensilis\Geometry\Bowl;
use Pensilis\Geometry\Frustum;
use Pensilis\Geometry\Prism;
use Pensilis\Geometry\Section;
use Pensilis\Numerics\Quadrature;
use Pensilis\Quantity\Length;
use Pensilis\Quantity\UnitSystem;
use Pensilis\Vessel\Sheet;
use Pensilis\Vessel\Vessel;

dataset('vessels', [
    'box'                => [Prism::box(0.12, 0.07, 0.036)],
    'cylinder'           => [Prism::cylinder(0.09, 0.06)],
    'cone frustum'       => [Frustum::cone(0.06, 0.09, 0.05)],
    'cone, apex down'    => [Frustum::cone(0.0, 0.08, 0.1)],
    'cone, apex up'      => [Frustum::cone(0.08, 0.0, 0.1)],
    'pyramid, apex down' => [Frustum::pyramid([0.0, 0.0], [0.1, 0.1], 0.09)],
    'skew frustum'       => [Frustum::pyramid([0.05, 0.02], [0.03, 0.08], 0.04)],
    'hemisphere'         => [Bowl::hemisphere(0.1)],
]);

// Closed forms: CRC Standard Mathematical Tables, mensuration.
it('has the volume of the tables', function (float $volume, float $expected): void {
    expect(abs($volume / $expected - 1.0))->toBeLessThan(1e-9);
})->with([
    'box a b c'              => [Prism::box(0.12, 0.07, 0.036)->volumeTo(1.0), 0.12 * 0.07 * 0.036],
    'cylinder πr²h'          => [Prism::cylinder(0.09, 0.06)->volumeTo(1.0), M_PI * 0.045 ** 2 * 0.06],
    'cone πr²h/3'            => [Frustum::cone(0.0, 0.08, 0.1)->volumeTo(1.0), M_PI * 0.04 ** 2 * 0.1 / 3.0],
    'frustum πh(R²+Rr+r²)/3' => [
        Frustum::cone(0.06, 0.09, 0.05)->volumeTo(1.0), M_PI * 0.05 * (0.045 ** 2 + 0.045 * 0.03 + 0.03 ** 2) / 3.0,
    ],
    'pyramid a²h/3'      => [Frustum::pyramid([0.0, 0.0], [0.1, 0.1], 0.09)->volumeTo(1.0), 0.1 ** 2 * 0.09 / 3.0],
    'half sphere 2πR³/3' => [Bowl::hemisphere(0.1)->volumeTo(1.0), 2.0 * M_PI * 0.05 ** 3 / 3.0],
    'cap πh²(3R−h)/3'    => [Bowl::hemisphere(0.1)->volumeTo(0.02), M_PI * 0.02 ** 2 * (3 * 0.05 - 0.02) / 3.0],
]);

it('is the integral of its own section', function (object $shape): void {
    foreach ([0.2, 0.5, 1.0] as $share) {
        $z = $share * $shape->height();
        $integral = Quadrature::integrate(fn(float $h): float => $shape->sectionAt($h)->area(), 0.0, $z, 1e-14);
        expect(abs($shape->volumeTo($z) / $integral - 1.0))->toBeLessThan(1e-9);
    }
})->with('vessels');

it('finds the depth of a volume', function (object $shape): void {
    $vessel = Vessel::of($shape, Sheet::siliconeMold(), Sheet::board());
    foreach ([0.01, 0.3, 0.77, 0.999] as $share) {
        $depth = $share * $shape->height();
        expect($vessel->depthFor($shape->volumeTo($depth)))->toEqualWithDelta($depth, 1e-9);
    }
    expect($vessel->depthFor(1.0))->toBe($shape->height())
        ->and($vessel->depthFor(0.0))->toEqualWithDelta(0.0, 1e-12);
})->with('vessels');

it('does not count what lies outside', function (object $shape): void {
    expect($shape->volumeTo(-1.0))->toEqualWithDelta(0.0, 1e-18)
        ->and($shape->volumeTo(9.0))->toBe($shape->volumeTo($shape->height()));
})->with('vessels');

it('keeps the rule of thumb for coats', function (): void {
    // Common practice: five US fluid ounces a coat on a square foot, about 1.6 mm; arithmetic: 1 fl oz on 28.9 sq in at 1/16 in.
    $foot = Prism::box(Length::parse('1 ft', UnitSystem::Us)->m(), Length::parse('1 ft', UnitSystem::Us)->m(), 0.01);
    $ounce = 29.5735295625e-6;
    expect(Vessel::of($foot, Sheet::siliconeMold(), null)->depthFor(5.0 * $ounce))->toEqualWithDelta(0.0016, 0.00005)
        ->and(
            $ounce / Length::parse('1/16 in', UnitSystem::Us)->m() / Length::parse('1 in', UnitSystem::Us)->m() ** 2,
        )->toEqualWithDelta(28.9, 0.05);
});

it('measures the rim of an ellipse', function (): void {
    // Exact for a circle; for a : b = 2 : 1 the perimeter is 9.68844822 b (complete elliptic integral, A&S 17.3).
    expect(Section::ellipse(0.5, 0.5)->perimeter())->toEqualWithDelta(M_PI, 1e-12)
        ->and(Section::ellipse(2.0, 1.0)->perimeter())->toEqualWithDelta(9.68844822, 1e-5)
        ->and(Section::rectangle(2.0, 1.0)->perimeter())->toBe(12.0);
});

it('knows what lies within its walls', function (Section $wall, Section $thing, float $x, float $y, bool $inside): void {
    expect($wall->holds($thing, $x, $y))->toBe($inside);
})->with([
    'touching the round wall' => [Section::ellipse(5.0, 5.0), Section::ellipse(2.0, 2.0), 3.0, 0.0, true],
    'through the round wall'  => [Section::ellipse(5.0, 5.0), Section::ellipse(2.0, 2.0), 3.1, 0.0, false],
    'corner through the wall' => [Section::ellipse(5.0, 5.0), Section::rectangle(4.0, 4.0), 0.0, 0.0, false],
    'box in a box, flush'     => [Section::rectangle(5.0, 3.0), Section::rectangle(1.0, 3.0), 4.0, 0.0, true],
    'box in a box, out'       => [Section::rectangle(5.0, 3.0), Section::rectangle(1.0, 3.0), 4.0, 0.1, false],
    'anything at a tip'       => [Section::ellipse(0.0, 0.0), Section::ellipse(0.1, 0.1), 0.0, 0.0, false],
]);

it('refuses sizes that nothing has', function (callable $make): void {
    expect($make)->toThrow(ImpossibleValue::class);
})->with([
    'no diameter'     => [fn() => Prism::cylinder(0.0, 0.06)],
    'negative height' => [fn() => Prism::box(0.1, 0.1, -0.01)],
    'no area at all'  => [fn() => Frustum::cone(0.0, 0.0, 0.1)],
    'negative bottom' => [fn() => Frustum::cone(-0.1, 0.1, 0.1)],
    'not a number'    => [fn() => Bowl::hemisphere(NAN)],
    'infinite'        => [fn() => Prism::cylinder(INF, 1.0)],
    'filled too high' => [fn() => Vessel::of(Prism::cylinder(0.1, 0.05), Sheet::siliconeMold(), null, 0.06)],
    'negative volume' => [fn() => Vessel::of(Prism::cylinder(0.1, 0.05), Sheet::siliconeMold(), null)->depthFor(-1.0)],
]);

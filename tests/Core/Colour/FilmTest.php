<?php

declare(strict_types=1);

use Pensilis\Colour\Colourant;
use Pensilis\Colour\Film;
use Pensilis\Colour\Recipe;
use Pensilis\Colour\Shade;
use Pensilis\Exception\ImpossibleValue;

$even = fn(float $value): array => [$value, $value, $value];

/** What goes through once, from what is seen over three greys g: b + τ²g/(1 − ρg), with ρ of its other side (Kubelka 1954). */
function through(Film $film): Shade
{
    [$black, $grey, $white] = array_map(fn(float $g): array => $film->over(Shade::grey($g))->channels(), [0.0, 0.5, 1.0]);
    $once = function (float $b, float $g, float $w): float {
        [$whole, $half] = [$w - $b, $g - $b];

        return $whole <= 0.0 ? 0.0 : sqrt(max(0.0, $whole * (1.0 - (2.0 * $half - $whole) / ($half - $whole))));
    };

    return Shade::linear(...array_map($once, $black, $grey, $white));
}

// Beer–Lambert (Swinehart, J. Chem. Educ. 39, 1962): each further depth takes the same share; with the light there and back, twice.
it('absorbs as Beer and Lambert say', function () use ($even): void {
    foreach ([0.0, 0.1, 0.7, 3.0] as $thick) {
        $film = Film::of($even($thick / 0.004), $even(0.0), 0.004);
        expect(through($film)->red)->toEqualWithDelta(exp(-$thick), 1e-12)
            ->and($film->over(Shade::grey(0.8))->green)->toEqualWithDelta(0.8 * exp(-2.0 * $thick), 1e-12);
    }
});

// Kubelka, J. Opt. Soc. Am. 38 (1948) 448: R = (1 − Rg (a − b coth bSd)) / (a − Rg + b coth bSd), a = 1 + K/S, b = √(a² − 1).
it('scatters as Kubelka and Munk say', function (float $k, float $s, float $d, float $ground) use ($even): void {
    $a = 1.0 + $k / $s;
    $b = sqrt($a * $a - 1.0);
    $coth = 1.0 / tanh($b * $s * $d);
    expect(Film::of($even($k), $even($s), $d)->over(Shade::grey($ground))->blue)->toEqualWithDelta(
        (1.0 - $ground * ($a - $b * $coth)) / ($a - $ground + $b * $coth),
        1e-10,
    );
})->with([[100.0, 400.0, 0.003, 0.0], [100.0, 400.0, 0.003, 0.8], [5.0, 2000.0, 0.001, 0.5], [900.0, 50.0, 0.002, 1.0]]);

// Kubelka & Munk, Z. tech. Phys. 12 (1931) 593: R∞ = 1 + K/S − √((K/S)² + 2K/S), whatever lies behind; K/S = (1 − R∞)²/2R∞.
it('tends to the reflectance of a thick layer', function () use ($even): void {
    foreach ([0.02, 0.3, 2.0] as $ratio) {
        $film = Film::of($even($ratio * 500.0), $even(500.0), 4.0);
        expect($film->over(Shade::grey(0.0))->red)->toEqualWithDelta(1.0 + $ratio - sqrt($ratio ** 2 + 2.0 * $ratio), 1e-9)
            ->and($film->showThrough())->toEqualWithDelta(0.0, 1e-9);
    }
    // Without absorption: R = Sd/(1 + Sd) over black (Kubelka 1948), and all the rest goes through.
    $white = Film::of($even(0.0), $even(1000.0), 0.004);
    expect($white->over(Shade::grey(0.0))->red)->toEqualWithDelta(0.8, 1e-9)
        ->and(through($white)->red)->toEqualWithDelta(0.2, 1e-9)
        ->and($white->over(Shade::grey(1.0))->red)->toEqualWithDelta(1.0, 1e-9);
});

// Kubelka, J. Opt. Soc. Am. 44 (1954) 330: a layer cut in two and put together again is the layer.
it('adds layers as one', function () use ($even): void {
    foreach ([[120.0, 700.0], [300.0, 0.0], [0.0, 900.0]] as [$k, $s]) {
        $whole = Film::of($even($k), $even($s), 0.005);
        $parts = Film::of($even($k), $even($s), 0.002)->before(Film::of($even($k), $even($s), 0.003));
        foreach ([0.0, 0.4, 1.0] as $ground) {
            expect($parts->over(Shade::grey($ground))->red)->toEqualWithDelta($whole->over(Shade::grey($ground))->red, 1e-12);
        }
    }
    // Layers that differ do not look alike from both sides; what goes through is the same.
    [$dark, $light] = [Film::of($even(400.0), $even(0.0), 0.002), Film::of($even(1.0), $even(900.0), 0.002)];
    expect($dark->before($light)->over(Shade::grey(0.0))->red)->toBeLessThan($light->before($dark)->over(Shade::grey(0.0))->red)
        ->and(through($dark->before($light))->red)->toEqualWithDelta(through($light->before($dark))->red, 1e-12)
        ->and(Film::clear()->before($light)->over(Shade::grey(0.3)))->toEqual($light->over(Shade::grey(0.3)));
});

it('never gives back more light than there is', function (): void {
    foreach (range(0, 60) as $n) {
        $film = Film::of([10.0 ** ($n % 7 - 2), 5.0, 0.0], [10.0 ** ($n % 5 - 1), 300.0, 40.0 * $n], 1e-4 * (1 + $n));
        $seen = $film->over(Shade::grey(1.0));
        expect(max($seen->channels()))->toBeLessThanOrEqual(1.0)
            ->and(min($seen->channels()))->toBeGreaterThanOrEqual(0.0)
            ->and($film->showThrough())->toBeGreaterThanOrEqual(-1e-12)->toBeLessThanOrEqual(1.0);
    }
});

it('takes a colour from what its maker can tell of it', function (): void {
    $blue = Colourant::ink('blue', 'Blue', Shade::hex('#2050a0'), 0.010, 0.9, 0.05);
    // One drop in 10 ml, 10 mm deep, is told to look like that; half as much twice as deep too.
    foreach ([[1.0, 0.010], [0.5, 0.020]] as [$dose, $depth]) {
        expect(through(Recipe::of([[$blue, $dose]])->film($depth))->toHex())->toBe('#2050a0');
    }
    $red = Colourant::pigment('red', 'Red', Shade::hex('#a03028'), 0.003, 3.0);
    $film = Recipe::of([[$red, 1.0]])->film(0.003);
    // Contrast ratio 0.98 over black and over white of 0.80 counts as hiding (ISO 6504-3).
    expect($film->over(Shade::grey(0.0))->luminance() / $film->over(Shade::grey(0.8))->luminance())->toEqualWithDelta(0.98, 1e-6)
        ->and(Recipe::of([[$red, 50.0]])->film(0.05)->over(Shade::grey(0.9))->toHex())->toBe('#a03028');
});

it('knows which colours make mud of each other', function (): void {
    $ink = fn(string $name, string $hex): Recipe => Recipe::of([[Colourant::ink($name, $name, Shade::hex($hex), 0.010, 0.9, 0.05), 1.2]]);
    [$blue, $orange, $green, $grey] = [
        $ink('blue', '#1d4fa0'), $ink('orange', '#d0661a'), $ink('green', '#1d8a70'), $ink('grey', '#808080'),
    ];
    // Complements lose their colour in each other, neighbours on the circle keep it (common practice).
    expect($blue->muddies($orange, 0.002))->toBeTrue()
        ->and($orange->muddies($blue, 0.002))->toBeTrue()
        ->and($blue->muddies($green, 0.002))->toBeFalse()
        ->and($blue->muddies($blue, 0.002))->toBeFalse()
        ->and($blue->muddies($grey, 0.002))->toBeFalse();
});

// Krieger & Dougherty, Trans. Soc. Rheol. 3 (1959) 137; Einstein's limit for few grains is 1 + 2.5 φ.
it('thickens by the share of its solids', function (): void {
    $sand = Colourant::filler('sand', 'Sand', Shade::hex('#c8b48a'), 0.003, 2.65, 1.6);
    $ink = Colourant::ink('blue', 'Blue', Shade::hex('#1d4fa0'), 0.010, 0.9, 0.05);
    $share = fn(float $percent): float => ($percent / 2.65) / (100.0 / 1.08 + $percent / 2.65);
    expect(Recipe::of([[$sand, 0.5]])->stiffening(1.08))->toEqualWithDelta(1.0 + 2.5 * $share(0.5), 1e-4)
        ->and(Recipe::of([[$sand, 60.0]])->stiffening(1.08))->toEqualWithDelta((1.0 - $share(60.0) / 0.63) ** (-2.5 * 0.63), 1e-12)
        ->and(Recipe::of([[$sand, 500.0]])->stiffening(1.08))->toBe(INF)
        ->and(Recipe::of([[$ink, 3.0]])->stiffening(1.08))->toBe(1.0)
        ->and(Recipe::clear()->stiffening(1.08))->toBe(1.0);
});

it('counts what colours take up and weigh', function (): void {
    $sand = Colourant::filler('sand', 'Sand', Shade::hex('#c8b48a'), 0.003, 2.65, 1.6);
    $ink = Colourant::ink('blue', 'Blue', Shade::hex('#1d4fa0'), 0.010, 0.9, 0.05);
    // 100 g of mix at 1.08 are 92.59 ml; 60 g of sand take up 22.64 ml: the mix is 80.35 % of both.
    expect(Recipe::of([[$sand, 60.0]])->plainShare(1.08))->toEqualWithDelta((100.0 / 1.08) / (100.0 / 1.08 + 60.0 / 2.65), 1e-12)
        // Two drops of 0.05 ml in 10 ml.
        ->and(Recipe::of([[$ink, 2.0]])->plainShare(1.08))->toEqualWithDelta(10.0 / 10.1, 1e-12)
        ->and(Recipe::of([[$ink, 2.0]])->percent(1.08))->toEqualWithDelta(100.0 * 0.09 / 10.8, 1e-12)
        ->and(Recipe::of([[$sand, 60.0]])->percent(1.08))->toBe(0.0)
        ->and(Recipe::clear()->plainShare(1.08))->toBe(1.0);
});

// Quartz 2.65 g/ml, dry sand as it lies 1.6 (CRC Handbook ranges): 0.396 of its room are voids, 0.428 g of a mix of 1.08 in 1 ml.
it('takes grains as they lie, their voids filled', function (): void {
    $sand = Colourant::filler('sand', 'Sand', Shade::hex('#c8b48a'), 0.003, 2.65, 1.6);
    expect($sand->voidsFilled(1.08))->toEqualWithDelta(160.0 / 0.428, 0.3)
        // 100 ml of such a paste are 160 g of sand and the mix that fills its voids.
        ->and(100.0 * Recipe::of([[$sand, $sand->voidsFilled(1.08)]])->plainShare(1.08))->toEqualWithDelta(39.6, 0.05);
    Colourant::filler('lead', 'Lead', Shade::hex('#888888'), 0.003, 2.0, 2.5);
})->throws(ImpossibleValue::class);

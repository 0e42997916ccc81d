<?php

declare(strict_types=1);

use App\View\Drawing\Likeness;
use Pensilis\Material\Kinds;

it('knows an object by its name, and by what it is made of where its name says nothing', function (array $names, ?Likeness $looks): void {
    expect(Likeness::of(...$names))->toBe($looks);
})->with([
    [['gentian 3', 'dried petals'], Likeness::Flower],
    [['feather', 'magpie feather'], Likeness::Feather],
    [['first find', 'garnet'], Likeness::Stone],
    [['cones', ''], Likeness::Cone],
    [['monkey', ''], null],
    [['key', 'brass'], Likeness::Key],
    [['butterfly wing', ''], Likeness::Wing],
    [['Brass KEY', ''], Likeness::Key],
    [['something', ''], null],
]);

it('has words for pictures that there are, and for each of them', function (): void {
    expect(array_keys(trans('likeness')))->toEqualCanonicalizing(array_column(Likeness::cases(), 'value'));
});

it('draws within the square that is stretched to an object', function (Likeness $likeness): void {
    // Ends of lines and curves; controls may lie a little outside, as a curve keeps within the hull of its four points.
    preg_match_all('/-?\d*\.?\d+/', (string) preg_replace('/[ac][^A-Zac]*/', '', $likeness->body()), $numbers);
    expect($numbers[0])->not->toBe([]);
    foreach ($numbers[0] as $number) {
        expect(abs((float) $number))->toBeLessThanOrEqual(1.2);
    }
    expect($likeness->tint())->toMatch('/^#[0-9a-f]{6}$/');
})->with(Likeness::cases());

it('shows most of the library as what it is', function (): void {
    $pictured = array_filter(Kinds::all(), fn($kind): bool => Likeness::of($kind->key) !== null);
    expect(count($pictured))->toBeGreaterThan(0.6 * count(Kinds::all()));
});

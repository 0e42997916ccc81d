<?php

declare(strict_types=1);

use Illuminate\Http\UploadedFile;
use Tests\Plans;

/** A drawing with something in it. */
function drawing(string $inside, string $head = 'width="100mm" height="80mm" viewBox="0 0 100 80"'): string
{
    return "<?xml version=\"1.0\"?>\n<svg xmlns=\"http://www.w3.org/2000/svg\" {$head}>\n{$inside}\n</svg>\n";
}

beforeEach(function (): void {
    $this->user = $this->member();
    $this->actingAs($this->user);
    $this->piece = $this->pieceOf($this->user, Plans::changed(['/inclusions' => []], Plans::cone()));
    $this->send = fn(string $svg) => $this->from("/pieces/{$this->piece->id}")
        ->post("/pieces/{$this->piece->id}/outlines", ['drawing' => UploadedFile::fake()->createWithContent('a.svg', $svg)]);
});

it('takes the one outline of a drawing, in its own units', function (string $svg, float $cm2): void {
    ($this->send)($svg)->assertSessionHasNoErrors()->assertRedirect("/pieces/{$this->piece->id}");
    $vessel = $this->piece->refresh()->plan()->vessel;
    expect($vessel->shape->sectionAt(0.0)->area() * 1e4)->toEqualWithDelta($cm2, 1e-6 * $cm2)
        ->and($vessel->shape->height())->toBe(0.06);
})->with([
    'a path'                => [drawing('<path d="M10 10H60V40H10Z"/>'), 15.0],
    'in inches'             => [drawing('<path d="M0 0H2V1H0Z"/>', 'width="4in" viewBox="0 0 4 4"'), 2.0 * 6.4516],
    'in pixels'             => [drawing('<rect width="96" height="96"/>', 'width="192px" viewBox="0 0 192 192"'), 6.4516],
    'without any unit'      => [drawing('<rect x="5" y="5" width="50" height="30"/>', ''), 15.0],
    'a circle'              => [drawing('<circle cx="40" cy="40" r="30"/>'), M_PI * 9.0],
    'an ellipse in a group' => [drawing('<g><g><ellipse cx="40" cy="40" rx="30" ry="20"/></g></g>'), M_PI * 6.0],
    'a polygon'             => [drawing('<polygon points="0,0 40,0 0,30"/>'), 6.0],
    'beside definitions'    => [drawing('<defs><path d="M0 0H1V1Z"/></defs><path d="M10 10H60V40H10Z"/>'), 15.0],
]);

it('refuses what is hostile, broken or more than an outline, and changes nothing', function (string $svg, string $says): void {
    $before = $this->piece->document;
    ($this->send)($svg)->assertSessionHasErrors('drawing');
    expect(session('errors')->first('drawing'))->toContain($says)
        ->and($this->piece->refresh()->document)->toEqual($before);
})->with([
    'a billion laughs' => [
        "<?xml version=\"1.0\"?><!DOCTYPE svg [<!ENTITY a \"ha\"><!ENTITY b \"&a;&a;\">]><svg>&b;</svg>",
        'document type or entities',
    ],
    'a file of the server' => [
        '<!DOCTYPE svg [<!ENTITY x SYSTEM "file:///etc/hostname">]><svg><path d="&x;"/></svg>', 'document type or entities',
    ],
    'a deep nest'         => [fn() => drawing(str_repeat('<g>', 80) . str_repeat('</g>', 80)), 'deeper than 64'],
    'a tag left open'     => [drawing('<path d="M0 0H9V9Z">'), 'cannot be read at line'],
    'an unknown entity'   => [drawing('<path d="&nbsp;"/>'), 'cannot be read at line'],
    'nothing'             => ['', 'The drawing is empty'],
    'a text'              => ['M0 0H9V9Z', 'cannot be read'],
    'nothing drawn'       => [drawing('<text>hello</text>'), 'holds no path'],
    'two shapes'          => [drawing('<circle r="3"/><circle r="4"/>'), 'holds 2 shapes'],
    'a transform'         => [drawing('<g transform="rotate(30)"><circle r="9"/></g>'), 'moved or turned by a transform'],
    'a path that crosses' => [drawing('<path d="M0 0L80 60V0L0 60Z"/>'), 'crosses itself near (40 mm, 30 mm)'],
    'a path of words'     => [drawing('<path d="hello"/>'), 'cannot be read at character'],
    'an open spiral'      => [drawing('<path d="M0 0"/>'), 'outline'],
    'a number too large'  => [drawing('<path d="M0 0H1e308V1e308Z"/>'), 'farther than 5000 mm'],
    'no area'             => [drawing('<path d="M0 0H50H0Z"/>'), 'area of the outline'],
    'two outlines in one' => [drawing('<path d="M0 0H9V9Z M20 20H30V30Z"/>'), 'lies outside the first'],
]);

it('cuts a hole through a blank, and another, and refuses one that lies outside', function (array $vessel, float $cm2): void {
    $piece = $this->pieceOf($this->user, Plans::changed(['/inclusions' => [], '/vessel' => $vessel + [
        'wall' => ['material' => 'silicone', 'thickness_mm' => 4],
    ]], Plans::cone()));
    $cut = fn(array $typed) => $this->from("/pieces/{$piece->id}")->post("/pieces/{$piece->id}/holes", $typed);
    $cut(['across' => '10 mm'])->assertSessionHasNoErrors()->assertSessionHas('selects', 'vessel');
    $area = fn(): float => 1e4 * $piece->refresh()->plan()->vessel->shape->sectionAt(0.0)->area();
    expect($area())->toEqualWithDelta($cm2 - M_PI * 0.25, 1e-5);
    $cut(['across' => '4 mm', 'x' => '20 mm', 'y' => '-5 mm'])->assertSessionHasNoErrors();
    expect($area())->toEqualWithDelta($cm2 - M_PI * (0.25 + 0.04), 1e-5);
    $before = $piece->document;
    foreach ([
        ['across' => ''], ['across' => 'wide'], ['across' => '-3 mm'], ['across' => '8 mm', 'x' => '900 mm'], ['across' => '30 mm'],
    ] as $typed) {
        $cut($typed)->assertSessionHasErrors('across');
    }
    $cut(['across' => '8 mm', 'y' => 'up'])->assertSessionHasErrors('y');
    expect($piece->refresh()->document)->toEqual($before);
    $this->get("/pieces/{$piece->id}")->assertOk();
})->with([
    'a round one'   => [['shape' => 'cylinder', 'diameter_mm' => 60, 'height_mm' => 8], M_PI * 9.0],
    'a square one'  => [['shape' => 'box', 'length_mm' => 60, 'width_mm' => 40, 'height_mm' => 8], 24.0],
    'a panel'       => [['shape' => 'panel', 'length_mm' => 60, 'width_mm' => 40, 'dam_mm' => 6], 24.0],
    'one of a path' => [['shape' => 'outline', 'path' => 'M100 100H160V140H100Z', 'height_mm' => 6], 24.0],
]);

it('refuses a hole in what is not upright', function (): void {
    $piece = $this->pieceOf($this->user, Plans::changed(['/inclusions' => [], '/vessel' => [
        'shape' => 'hemisphere', 'diameter_mm' => 60, 'wall' => ['material' => 'silicone', 'thickness_mm' => 4],
    ]], Plans::cone()));
    $this->from("/pieces/{$piece->id}")->post("/pieces/{$piece->id}/holes", ['across' => '5 mm'])->assertSessionHasErrors('across');
});

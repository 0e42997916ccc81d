<?php

declare(strict_types=1);

use App\Models\Piece;
use Illuminate\Http\UploadedFile;
use Tests\Plans;

beforeEach(function (): void {
    [$this->user, $this->piece] = $this->signedIn(Plans::coloured());
});

// What cannot be is told with its place and a remedy, on a form and in a file alike, and nothing is changed by it.
it('refuses what is typed', function (string $pointer, string $typed, string $says): void {
    $document = Plans::changed([
        '/pours/0/applied' => [
            ['kind' => 'drops', 'colour' => 'blue', 'drops_per_cm2' => 1], ['kind' => 'stencil'], ['kind' => 'lettering', 'says' => 'x'],
        ],
        '/purpose/fittings' => [['kind' => 'hook', 'at_mm' => [0, 30], 'radius_mm' => 5]],
    ], Plans::coloured());
    $piece = $this->pieceOf($this->user, $document);
    $before = $piece->refresh()->document;
    $this->from("/pieces/{$piece->id}")->patch("/pieces/{$piece->id}", ['f' => [$pointer => $typed]])->assertSessionHasErrors();
    expect(implode("\n", session('errors')->all()))->toContain($says)->and($piece->refresh()->document)->toBe($before);
})->with([
    'bubbles by song'       => ['/bubbles/school', 'song', 'choose one of'],
    'recoat by luck'        => ['/recoat/school', 'luck', 'choose one of'],
    'a joint of glue'       => ['/pours/1/joint', 'glue', 'choose one of'],
    'a fitting by prayer'   => ['/purpose/fittings/0/fix', 'prayer', 'choose one of'],
    'due soon'              => ['/purpose/due', 'soon', 'soon'],
    'due on no day'         => ['/purpose/due', '2026-02-30T10:00', '2026-02-30'],
    'a stencil of jam'      => ['/pours/0/applied/1/medium', 'jam', 'choose one of'],
    'drops of no ink'       => ['/pours/0/applied/0/colour', 'white', 'choose one of'],
    'drops below nothing'   => ['/pours/0/applied/0/drops_per_cm2', '-1', 'above 0'],
    'very many drops'       => ['/pours/0/applied/0/drops_per_cm2', '1000', '100'],
    'grains of nothing'     => ['/colours/3/grain_um', '0', 'above 0'],
    'grains like gravel'    => ['/colours/3/grain_um', '1000000', '5000'],
    'all solvent'           => ['/colours/3/solvent_pct', '100', '99'],
    'solvent below nothing' => ['/colours/3/solvent_pct', '-2', '0'],
    'a spoon of nothing'    => ['/colours/3/hand_g', '0 g', 'above 0'],
    'a spoon of a tonne'    => ['/colours/3/hand_g', '1000 kg', '100'],
    'a weighing of words'   => ['/inclusions/0/material/weighed_g/0', 'light', 'light'],
    'a weighing of nothing' => ['/inclusions/0/material/weighed_g/0', '0', 'above 0'],
    'cover below the floor' => ['/inclusions/0/cover_mm', '-9999 mm', '5000'],
]);

it('refuses files', function (array $changes, string $pointer): void {
    $text = (string) json_encode(Plans::changed($changes, Plans::coloured()));
    $this->from('/pieces')->post('/pieces/files', ['file' => UploadedFile::fake()->createWithContent('a.pensilis.json', $text)])
        ->assertSessionHasErrors();
    expect(implode("\n", session('errors')->all()))->toContain($pointer)->and(Piece::query()->count())->toBe(1);
})->with([
    'a pin upside down'     => [['/layering' => ['pinned' => [['from_mm' => 20, 'to_mm' => 10]]]], '/layering/pinned/0/to_mm'],
    'a pin of no height'    => [['/layering' => ['pinned' => [['from_mm' => 20, 'to_mm' => 20]]]], '/layering/pinned/0/to_mm'],
    'a pin without end'     => [['/layering' => ['pinned' => [['from_mm' => 20]]]], '/layering/pinned/0'],
    'a pin below the floor' => [['/layering' => ['pinned' => [['from_mm' => -1, 'to_mm' => 20]]]], '/layering/pinned/0/from_mm'],
    'forty-one pins'        => [['/layering' => ['pinned' => array_fill(0, 41, ['from_mm' => 1, 'to_mm' => 2])]], '/layering/pinned'],
    'a pin of words'        => [['/layering' => ['pinned' => 'all']], '/layering/pinned'],
    'bubbles by song'       => [['/bubbles' => ['school' => 'song']], '/bubbles/school'],
    'bubbles with a key'    => [['/bubbles' => ['school' => 'pin', 'often' => 3]], '/bubbles/often'],
    'recoat by luck'        => [['/recoat' => ['school' => 'luck']], '/recoat/school'],
    'recoat as a text'      => [['/recoat' => 'window'], '/recoat'],
    'a joint of glue'       => [['/pours/1/joint' => 'glue'], '/pours/1/joint'],
    'a joint of numbers'    => [['/pours/1/joint' => 1], '/pours/1/joint'],
    'a film of nothing'     => [['/vessel/film_mm' => 0], '/vessel/film_mm'],
    'a film like a wall'    => [['/vessel/film_mm' => 21], '/vessel/film_mm'],
    'a fitting by prayer'   => [[
        '/purpose' => ['fittings' => [['at_mm' => [0, 0], 'radius_mm' => 3, 'fix' => 'prayer']]],
    ], '/purpose/fittings/0/fix'],
    'due as a number'        => [['/purpose' => ['due' => 20261224]], '/purpose/due'],
    'due on no day'          => [['/purpose' => ['due' => '2026-13-01T10:00']], '/purpose/due'],
    'names without a letter' => [['/pours/0/applied' => [['kind' => 'lettering', 'names' => ['']]]], '/pours/0/applied/0/names/0'],
    'too many names'         => [[
        '/pours/0/applied' => [['kind' => 'lettering', 'names' => array_fill(0, 101, 'x')]],
    ], '/pours/0/applied/0/names'],
    'drops without an ink'  => [['/pours/0/applied' => [['kind' => 'drops']]], '/pours/0/applied/0/colour'],
    'drops of paste'        => [['/pours/0/applied' => [['kind' => 'drops', 'colour' => 'white']]], '/pours/0/applied/0/colour'],
    'wet as a word'         => [['/pours/0/applied' => [['kind' => 'scatter', 'wet' => 'yes']]], '/pours/0/applied/0/wet'],
    'a weighing that gains' => [['/inclusions/0/material/weighed_g' => [10, 12]], '/inclusions/0/material'],
    'weighings of words'    => [['/inclusions/0/material/weighed_g' => ['10 g']], '/inclusions/0/material/weighed_g/0'],
    'grains of nothing'     => [['/colours/3/grain_um' => 0], '/colours/3/grain_um'],
    'more than all solvent' => [['/colours/3/solvent_pct' => 140], '/colours/3/solvent_pct'],
    'a hand of a number'    => [['/colours/3/hand' => 3], '/colours/3/hand'],
]);

it('tells what was typed of a problem that is of a larger place', function (string $pointer, string $typed): void {
    $piece = $this->pieceOf($this->user, Plans::changed(['/inclusions/0/material/weighed_g' => [5]], Plans::coloured()));
    $this->from("/pieces/{$piece->id}")->patch("/pieces/{$piece->id}", ['f' => [$pointer => $typed]])
        ->assertSessionHasErrors("f.{$pointer}");
})->with([
    'a weighing that gains'           => ['/inclusions/0/material/weighed_g/1', '9 g'],
    'a sheet that contradicts itself' => ['/resins/0/sheet/recoat_close_h', '1 h'],
]);

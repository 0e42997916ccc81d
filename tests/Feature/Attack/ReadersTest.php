<?php

declare(strict_types=1);

use App\Interchange\PlanFile\PlanFile;
use App\Interchange\PlanFile\SvgOutline;
use App\Interchange\Shelf\Csv;
use App\Models\Supply;
use App\Models\SupplyKind;
use Illuminate\Http\UploadedFile;
use Pensilis\Exception\UnusableDrawing;
use Pensilis\Layering\LayerSearch;
use Pensilis\Layering\Wish;
use Pensilis\Numerics\Lehmer;
use Pensilis\PlanFile\PlanRefused;
use Tests\Plans;

/** Memory, and time of the processor, that one reading may take: the same on a machine that is busy with other things. */
const MOST_BYTES = 300_000_000;
const MOST_SECONDS = 20.0;

/** @param callable(): mixed $read */
function within(callable $read): void
{
    memory_reset_peak_usage();
    $spent = fn(): float => array_sum(array_map(
        fn(string $of): float => getrusage()["ru_{$of}.tv_sec"] + 1e-6 * getrusage()["ru_{$of}.tv_usec"],
        ['utime', 'stime'],
    ));
    [$begun, $before] = [$spent(), memory_get_usage()];
    $read();
    expect($spent() - $begun)->toBeLessThan(MOST_SECONDS)
        ->and(memory_get_peak_usage() - $before)->toBeLessThan(MOST_BYTES);
}

beforeEach(function (): void {
    [$this->user, $this->piece] = $this->signedIn();
    $this->path = "/pieces/{$this->piece->id}";
});

$square = '<svg xmlns="http://www.w3.org/2000/svg" width="80mm" viewBox="0 0 80 80"><rect x="1" y="1" width="60" height="50"/></svg>';
$bomb = '<!DOCTYPE svg [<!ENTITY a "' . str_repeat('x', 1000) . '"><!ENTITY b "' . str_repeat('&a;', 1000) . '">]>'
    . '<svg><path d="&b;"/></svg>';

it('reads no drawing that is not plain', function (string $svg): void {
    expect(fn() => SvgOutline::of($svg))->toThrow(UnusableDrawing::class);
    within(fn() => $this->post("{$this->path}/outlines", ['drawing' => UploadedFile::fake()->createWithContent('a.svg', $svg)])
        ->assertSessionHasErrors('drawing'));
    expect($this->piece->refresh()->document)->toEqual(Plans::cone());
})->with([
    'entities'             => $bomb,
    'entities in UTF-16'   => mb_convert_encoding('<?xml version="1.0" encoding="UTF-16"?>' . $bomb, 'UTF-16', 'UTF-8'),
    'UTF-16 with its mark' => "\xFF\xFE" . mb_convert_encoding($bomb, 'UTF-16LE', 'UTF-8'),
    'UTF-32'               => mb_convert_encoding($bomb, 'UTF-32', 'UTF-8'),
    'UTF-7'                => '<?xml version="1.0" encoding="UTF-7"?>' . $square,
    'Latin 1 that says so' => "<?xml version='1.0' encoding='ISO-8859-1'?>" . $square,
    'bytes of no text'     => str_replace('rect', "rect\xC3\x28", $square),
    'NUL'                  => str_replace('60', "60\0", $square),
    'control characters'   => str_replace('60', "60\x08", $square),
    'another place'        => '<!DOCTYPE svg SYSTEM "file:///etc/passwd"><svg><path d="M0 0h9v9z"/></svg>',
    'nothing'              => '   ',
    'nests without end'    => str_repeat('<g>', 5000) . str_repeat('</g>', 5000),
    'parts without end'    => '<svg>' . str_repeat('<g/>', 60_000) . '<rect width="9" height="9"/></svg>',
]);

it('takes no outline that is none', function (string $path): void {
    within(fn() => $this->post("{$this->path}/outlines", [
        'drawing' => UploadedFile::fake()->createWithContent('a.svg', "<svg><path d=\"{$path}\"/></svg>"),
    ])->assertSessionHasErrors('drawing'));
    expect($this->piece->refresh()->document)->toEqual(Plans::cone());
})->with([
    'crossings' => 'M0 0' . implode('', array_map(
        fn(int $n): string => 'L' . ($n * 37 % 100) . ' ' . ($n * 61 % 100),
        range(1, 4000),
    )) . 'Z',
    'a million'          => 'M0 0' . str_repeat('l1 1l-1 1', 100_000) . 'Z',
    'figures of no size' => 'M1e-320 0L1e308 1e308L-1e308 9Z',
]);

it('reads a plain one', function () use ($square): void {
    expect(SvgOutline::of('<?xml version="1.0" encoding="UTF-8"?>' . $square)->unit)->toEqualWithDelta(1.0, 1e-9);
});

it('refuses a hostile mesh in words', function (string $bytes): void {
    within(fn() => $this->post("{$this->path}/meshes", [
        'mesh' => UploadedFile::fake()->createWithContent('a.stl', $bytes), 'for' => '/vessel',
    ])->assertSessionHasErrors('mesh'));
    expect($this->piece->refresh()->document)->toEqual(Plans::cone());
})->with([
    'promises of facets'    => str_repeat("\0", 80) . pack('V', 0xFFFFFFFF),
    'figures that are none' => str_repeat("\0", 80) . pack('V', 4) . str_repeat(pack('f12v', ...array_fill(0, 12, NAN), ...[0]), 4),
    'figures without end'   => str_repeat("\0", 80) . pack('V', 4) . str_repeat(pack('f12v', ...array_fill(0, 12, INF), ...[0]), 4),
    'text without end'      => 'solid ' . str_repeat('facet ', 200_000),
    'vertices of words'     => "solid a\nfacet normal 0 0 1\nouter loop\nvertex a b c\nendloop\nendfacet\nendsolid",
    'nothing'               => 'solid',
]);

it('refuses a hostile table in words', function (string $table): void {
    $this->from('/shelf/colours');
    within(fn() => $this->post('/shelf/colours/table', ['table' => UploadedFile::fake()->createWithContent('a.csv', $table)])
        ->assertRedirect('/shelf/colours')->assertSessionHasErrors('table'));
    expect(Supply::query()->count())->toBe(0);
})->with([
    'not UTF-8'           => "name,stock\nBl\xE4u,4",
    'UTF-16'              => mb_convert_encoding("name,stock\nBlue,4", 'UTF-16', 'UTF-8'),
    'one endless cell'    => 'name,lot' . "\n" . 'Blue,"' . str_repeat('x', 900_000),
    'columns without end' => str_repeat('a,', 100_000) . "name\n" . str_repeat('1,', 100_000) . 'Blue',
    'a number too small'  => "name,stock\nBlue,1e-320",
    'a number too large'  => "name,stock\nBlue,1e308",
    'twenty digits'       => "name,stock\nBlue,99999999999999999999",
    'a deep column'       => 'name,' . str_repeat('a.', 400) . "a\nBlue,1",
    'a day with NUL'      => "name,bought_on\nBlue,2026-01-0\x001",
    'rows without end'    => "name\n" . implode("\n", array_map(fn(int $n): string => "Blue {$n}", range(1, 3500))),
]);

it('reads thousands of rows, but no more than the shelf holds', function (): void {
    $rows = fn(int $from, int $to): UploadedFile => UploadedFile::fake()->createWithContent(
        'a.csv',
        "name,stock\n" . implode("\n", array_map(fn(int $n): string => "Cup {$n},4", range($from, $to))),
    );
    within(fn() => $this->post('/shelf/consumables/table', ['table' => $rows(1, 1900)])->assertSessionHasNoErrors());
    expect(Supply::query()->count())->toBe(1900);
    $this->post('/shelf/consumables/table', ['table' => $rows(1850, 2050)])->assertSessionHasErrors('table');
    expect(Supply::query()->count())->toBe(1900);
    // The same file again takes the place of what was there.
    $this->post('/shelf/consumables/table', ['table' => $rows(1801, 2000)])->assertSessionHasNoErrors();
    expect(Supply::query()->count())->toBe(2000);
    $this->post('/shelf/resins', ['like' => 'deep'])->assertSessionHasErrors('like');
});

it('makes every cell harmless that a spreadsheet could take for a formula, and gives it back', function (string $cell): void {
    $table = Csv::write([[$cell]]);
    expect(ltrim($table, '"'))->toStartWith("'")
        ->and(Csv::read($table)[0][0])->toBe(trim($cell));
})->with([
    '=1+1', '+1', '-1', '@SUM(A1)', "\t=1", '＝1+1', '＋1', '－1', '＠a', "\u{00A0}=1", "\u{3000}＝1", "\u{200B}=1", "\u{FEFF}=1", ' =1',
]);

it('refuses figures that no plan has, where they are', function (string $pointer, string $figure): void {
    $json = str_replace('"HERE"', $figure, (string) json_encode(Plans::changed([$pointer => 'HERE'], Plans::cone())));
    try {
        PlanFile::decode($json);
        $refusal = null;
    } catch (PlanRefused $refusal) {
    }
    expect($refusal)->toBeInstanceOf(PlanRefused::class)
        ->and($refusal->problems[0]->pointer)->toBe($pointer);
    $this->post('/pieces/files', ['file' => UploadedFile::fake()->createWithContent('a.json', $json)])->assertSessionHasErrors('file');
})->with([
    ['/vessel/height_mm', '1e-320'], ['/vessel/diameter_mm', '4.9e-324'], ['/inclusions/0/size_mm/0', '1e-300'],
    ['/inclusions/0/material/skeleton_g_cm3', '1e-200'], ['/resins/0/ratio/b', '1e-320'], ['/resins/0/sheet/gel_h', '1e-300'],
    ['/studio/scale_step_g', '1e-320'], ['/vessel/height_mm', '1e999'], ['/ambient/celsius', '-1e999'],
]);

it('refuses a plan file that would take for ever to read', function (string $json): void {
    within(fn() => $this->post('/pieces/files', ['file' => UploadedFile::fake()->createWithContent('a.json', $json)])
        ->assertSessionHasErrors('file'));
})->with([
    'nests'          => str_repeat('[', 100_000),
    'objects'        => '{"a":' . str_repeat('{"a":', 60_000),
    'one key'        => '{"' . str_repeat('a', 2_000_000) . '":1}',
    'many keys'      => '{' . implode(',', array_map(fn(int $n): string => "\"k{$n}\":{$n}", range(1, 100_000))) . '}',
    'many objects'   => json_encode(['inclusions' => array_fill(0, 20_000, Plans::cone()['inclusions'][0])] + Plans::cone()),
    'empty lists'    => '{"a":[' . str_repeat('[],', 7_000_000) . '[]]}',
    'numbers'        => '{"a":[' . str_repeat('1,', 2_900_000) . '1]}',
    'broken at last' => substr((string) json_encode(Plans::cone()), 0, -1) . str_repeat(' ', 2_000_000) . 'x',
    'UTF-16'         => mb_convert_encoding((string) json_encode(Plans::cone()), 'UTF-16', 'UTF-8'),
]);

it('finds layers for many objects whose ranges are wide, within bounds', function (int $count, int $tolerance): void {
    $chance = Lehmer::from(7);
    $wishes = [];
    for ($n = 0; $n < $count; $n++) {
        $chance->next();
        $object = Plans::object("object {$n}", 10.0 + 30.0 * $chance->current(), (float) $tolerance, density: 2600.0);
        $wishes[] = Wish::of($object, 1100.0, 0.06);
    }
    within(function () use ($wishes): void {
        $layers = (new LayerSearch(60_000, 5_000, 50_000, $wishes))->find();
        // What is found holds every object within its tolerance, whether or not it is the very best.
        foreach ($wishes as $wish) {
            $bottom = Wish::micrometres((float) $layers?->bottomOf($wish->inclusion->id));
            expect($bottom)->toBeGreaterThanOrEqual($wish->least)->toBeLessThanOrEqual($wish->greatest);
        }
    });
})->with([[6, 20], [20, 20], [60, 12], [300, 20]]);

it('refuses texts that are none, and takes out what no keyboard makes', function (): void {
    $this->post('/pieces', ['title' => "Shell\xC3\x28", 'resin' => 'deep'])->assertStatus(400)->assertSee('That cannot be read');
    $this->post('/pieces', ['title' => ['a', 'list'], 'resin' => 'deep'])->assertStatus(400);
    $this->patch($this->path, ['f' => ['/title' => ['a' => ['b']]]])->assertStatus(400);
    $this->get('/pieces?page[]=2')->assertStatus(400);
    $this->post('/pieces', ['title' => "Sh\0ell\x08 of\u{202E} the\r\nmoor", 'resin' => 'deep'])->assertRedirect();
    expect($this->user->studio->pieces()->latest('id')->first()->title)->toBe("Shell of the\nmoor");
    $this->post('/materials/findings', ['kind' => 'stone', 'found_on' => "2026-03-02\0", 'note' => 'grey'])->assertSessionHasNoErrors();
});

it('takes no form that is more than anybody types', function (): void {
    $body = 'title=' . str_repeat('a', 9_000_000);
    $this->call('POST', '/pieces', [], [], [], ['CONTENT_TYPE' => 'application/x-www-form-urlencoded'], $body)->assertStatus(413);
});

it('takes no number that is no figure', function (string $number): void {
    $supply = $this->user->studio->supplies()->create(['kind' => SupplyKind::Consumable, 'name' => 'Cups', 'document' => []]);
    $this->from('/shelf')->patch("/supplies/{$supply->id}", ['name' => 'Cups', 'pack_amount' => $number])
        ->assertSessionHasErrors('pack_amount');
    $this->from('/materials')->post('/materials/findings', [
        'name' => 'moss', 'found_on' => '2026-03-02', 'note' => 'grey', 'skeleton' => $number,
    ])->assertSessionHasErrors('skeleton');
    $this->get("{$this->path}/pours/0?a={$number}&b=4")->assertRedirect();
    $this->get("/supplies/{$supply->id}")->assertOk();
    $this->get('/materials')->assertOk();
})->with(['1e-320', '1e308', '1e5', '0x1A', '99999999999999999999', 'NAN', 'INF', '1,5', '１２', '1.2.3', '-1']);

it('knows no address with an id that is none', function (string $path): void {
    expect($this->get(str_replace('{piece}', $this->piece->id, $path))->getStatusCode())->toBeIn([400, 404, 405]);
})->with([
    '/supplies/99999999999999999999', '/supplies/1e3', '/supplies/-1', '/supplies/0x1', '/pieces/%00', '/pieces/..%2f..',
    '/pieces/{piece}%00',
    '/pieces/{piece}/pours/99999999999999999999', '/pieces/{piece}/pours/-1', '/pieces/{piece}/pours/1e1', '/shelf/%F0%28',
    '/mixings/99999999999999999999', '/trash/1', "/pieces/' OR 1=1--",
]);

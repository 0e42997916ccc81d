<?php

declare(strict_types=1);

use App\Interchange\PlanFile\JsonPlace;
use App\Interchange\PlanFile\PlanFile;
use App\Models\Piece;
use Illuminate\Http\UploadedFile;
use Pensilis\PlanFile\PlanRefused;
use Tests\Plans;

it('goes out and comes back without loss', function (): void {
    $user = $this->member();
    $piece = $this->pieceOf($user, Plans::coneWithPours());
    $file = $this->actingAs($user)->get("/pieces/{$piece->id}/file")->assertOk()->assertDownload(
        'larch-cone-block.pensilis.json',
    )->getContent();
    expect(json_decode($file, true))->toEqual(Plans::coneWithPours());
    $this->actingAs($user)->post(
        '/pieces/files',
        ['file' => UploadedFile::fake()->createWithContent('back.pensilis.json', $file)],
    )->assertRedirect();
    $back = Piece::query()->latest('id')->first();
    expect($back->document)->toEqual($piece->document)
        ->and($this->actingAs($user)->get("/pieces/{$back->id}/file")->getContent())->toBe($file);
});

it('judges the pours of a file, and finds others on request', function (): void {
    $user = $this->member();
    $piece = $this->pieceOf($user, Plans::coneWithPours());
    $this->actingAs($user)->get("/pieces/{$piece->id}?heat=1")->assertOk()->assertSee('Your pours')->assertSee('12 mm');
    $this->actingAs($user)->delete("/pieces/{$piece->id}/pours")->assertRedirect();
    expect($piece->fresh()->document)->not->toHaveKey('pours');
    $this->actingAs($user)->get("/pieces/{$piece->id}")->assertOk()->assertSee('17.5 mm');
});

it('refuses a broken file with the place and the remedy, and keeps nothing of it', function (string $text, string $says): void {
    $user = $this->member();
    $this->actingAs($user)->from('/pieces')->post('/pieces/files', ['file' => UploadedFile::fake()->createWithContent('x.json', $text)])
        ->assertRedirect('/pieces')->assertSessionHasErrors('file');
    $this->actingAs($user)->get('/pieces')->assertOk()->assertSee($says);
    expect(Piece::query()->count())->toBe(0);
})->with([
    'empty'              => ['', 'The file is empty'],
    'not JSON'           => ["{\n  \"format\": \"pensilis-plan\",\n  \"version\" 1\n}", 'line 3, column 13'],
    'cut off'            => ['{"format": "pensilis-plan", "resins": [', 'line 1, column 40'],
    'a list'             => ['[1, 2]', 'one JSON object'],
    'a number'           => ['42', 'one JSON object'],
    'too deep'           => [str_repeat('{"a":', 70) . '1' . str_repeat('}', 70), 'deeper than 64 levels'],
    'another format'     => ['{"format": "other", "version": 1}', '/format: This must be'],
    'nothing but format' => ['{"format": "pensilis-plan", "version": 1}', 'The key “vessel” is missing'],
    'unknown key'        => [json_encode(Plans::coneWithPours() + ['colour' => 'blue']), '/colour: This key is not known'],
    'text for a number'  => [
        json_encode(Plans::changed(['/ambient/celsius' => 'warm'], Plans::cone())),
        '/ambient/celsius: This must be a number, not a text',
    ],
    'a nought byte in a moment' => [
        json_encode(Plans::changed(['/studio/start' => "2026-03-02T08:00\0"], Plans::cone())),
        '/studio/start: This text holds a character',
    ],
    'no character in a title' => [
        json_encode(Plans::changed(['/title' => "Cone\u{FFFE}"], Plans::cone())),
        '/title: This text holds a character',
    ],
    'a vessel that is a dot' => [
        json_encode(Plans::changed(['/vessel/diameter_mm' => 0.001], Plans::cone())), '/vessel/diameter_mm: This must be 1 or more',
    ],
    'markup as a title' => [json_encode(Plans::changed(['/title' => ''], Plans::cone())), '/title: Something must be written here'],
    'an unknown shape'  => [
        json_encode(Plans::changed(['/vessel/shape' => 'teapot'], Plans::cone())),
        '/vessel/shape: This must be one of: cylinder, box',
    ],
    'a huge number'  => [str_replace('"height_mm":60', '"height_mm":1e999', (string) json_encode(Plans::cone())), '/vessel/height_mm'],
    'two sizes only' => [
        json_encode(Plans::changed(['/inclusions/0/size_mm' => [1, 2]], Plans::cone())),
        '/inclusions/0/size_mm: At least 3 of these',
    ],
    'no pours in pours' => [json_encode(Plans::changed(['/pours' => []], Plans::cone())), '/pours'],
    'above the rim'     => [json_encode(Plans::changed(['/pours/2/depth_mm' => 60], Plans::coneWithPours())), 'above the rim at 60 mm'],
    'a room in kelvin'  => [json_encode(Plans::changed(['/ambient/celsius' => 294], Plans::cone())), 'looks like kelvin'],
    'binary'            => ["\x89PNG\r\n\x1a\n" . str_repeat("\0", 50), 'This is not JSON'],
]);

it('shows what a file says as text, never as markup', function (): void {
    $user = $this->member();
    $title = '<img src=x onerror=alert(1)>';
    $piece = $this->pieceOf($user, Plans::changed(['/title' => $title, '/inclusions/0/id' => '"><script>'], Plans::cone()));
    foreach (['', '/sheet', '?heat=1'] as $end) {
        $this->actingAs($user)->get("/pieces/{$piece->id}{$end}")->assertOk()
            ->assertDontSee('<img src=x', false)->assertDontSee('"><script>', false)->assertSee($title);
    }
});

it('finds the place at which JSON ends', function (string $json, int $line, int $column): void {
    expect(json_decode($json))->toBeNull()
        ->and(JsonPlace::ofError($json))->toBe([$line, $column]);
})->with([
    'missing comma'        => ["{\"a\": 1\n \"b\": 2}", 2, 2],
    'comma too many'       => ['[1, 2, ]', 1, 8],
    'single quotes'        => ["{'a': 1}", 1, 2],
    'unquoted key'         => ['{a: 1}', 1, 2],
    'number with a nought' => ['[01]', 1, 2],
    'open string'          => ["[\n\"abc]", 2, 1],
    'wrong bracket'        => ['{"a": [1}', 1, 9],
    'comment'              => ["{\n  // no\n}", 2, 3],
    'not a number'         => ['[NaN]', 1, 2],
    'two documents'        => ['{} {}', 1, 4],
]);

it('takes a file with a byte order mark and leaves empty places out', function (): void {
    $document = Plans::cone();
    $document['resins'][0]['thermal'] = new stdClass();
    $document['layering'] = new stdClass();
    $read = PlanFile::decode("\xEF\xBB\xBF" . json_encode($document));
    expect($read)->not->toHaveKey('layering')
        ->and($read['resins'][0])->not->toHaveKey('thermal');
});

it('refuses what is no plan with its code', function (string $json, string $code): void {
    config(['pensilis.largest_file' => 4000]);
    try {
        PlanFile::sound(PlanFile::decode($json));
    } catch (PlanRefused $refusal) {
        expect(Tests\Facts::words($refusal->problems))->toContain($code);

        return;
    }
    $this->fail('The file was taken.');
})->with([
    'nothing'       => ['', 'empty'],
    'a list'        => ['[1, 2]', 'not-an-object'],
    'half a file'   => ['{"format": "pensilis-plan"', 'json'],
    'a deep nest'   => [str_repeat('[', 600) . str_repeat(']', 600), 'nesting'],
    'a book'        => [str_repeat('a', 5000), 'too-large'],
    'out of range'  => [fn() => (string) json_encode(Plans::changed(['/vessel/diameter_mm' => 9000], Plans::cone())), 'range'],
    'an odd key'    => [fn() => (string) json_encode(Plans::changed(['/vessel/colour' => 'red'], Plans::cone())), 'unknown-key'],
    'a key missing' => [fn() => (string) json_encode(array_diff_key(Plans::cone(), ['resins' => 0])), 'missing'],
]);

it('tells many schema problems at once', function (): void {
    try {
        PlanFile::sound(Plans::changed(
            ['/ambient/celsius' => 'x', '/vessel/diameter_mm' => -1, '/resins/0/ratio/by' => 'eye', '/colour' => 1],
            Plans::cone(),
        ));
    } catch (PlanRefused $refusal) {
        expect(array_map(fn($problem): string => $problem->pointer, $refusal->problems))
            ->toEqualCanonicalizing(['/ambient/celsius', '/vessel/diameter_mm', '/resins/0/ratio/by', '/colour']);

        return;
    }
    $this->fail('The file was taken.');
});

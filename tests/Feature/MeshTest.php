<?php

declare(strict_types=1);

use App\Interchange\PlanFile\PlanFile;
use App\Models\Mesh;
use App\Models\Piece;
use App\Models\Studio;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Tests\Meshes;
use Tests\Plans;

beforeEach(function (): void {
    Storage::fake('local');
    $this->user = $this->member();
    $this->actingAs($this->user);
    $this->send = fn(Piece $piece, string $bytes, string $for = '/vessel') => $this->from("/pieces/{$piece->id}")
        ->post("/pieces/{$piece->id}/meshes", ['mesh' => UploadedFile::fake()->createWithContent('a.stl', $bytes), 'for' => $for]);
});

it('casts a piece in the shape of a mesh, and draws, weighs and follows it', function (): void {
    $piece = $this->pieceOf($this->user);
    ($this->send)($piece, Meshes::binary(Meshes::pyramid(90.0, 60.0)))->assertSessionHasNoErrors()->assertSessionHas(
        'said',
        '6 facets, 90 mm × 90 mm × 60 mm if a unit of the mesh is a millimetre.',
    );
    $piece->refresh();
    expect($piece->document['vessel'])->toHaveKeys(['shape', 'mesh', 'wall'])->not->toHaveKey('diameter_mm')
        ->and(1e6 * $piece->plan()->vessel->shape->volumeTo(1.0))->toEqualWithDelta(162.0, 1e-6);
    $this->get("/pieces/{$piece->id}?heat=1")->assertOk()->assertSee('A unit of the drawing is')->assertSee(' g</td>', false);
    $this->get("/pieces/{$piece->id}/template")->assertOk();
    $this->patch("/pieces/{$piece->id}", ['f' => ['/vessel/unit_mm' => '0.5']])->assertSessionHasNoErrors();
    expect(1e6 * $piece->refresh()->plan()->vessel->shape->volumeTo(1.0))->toEqualWithDelta(20.25, 1e-6);
    $this->patch("/pieces/{$piece->id}", ['f' => ['/vessel/shape' => 'box']])->assertSessionHasNoErrors();
    expect($piece->refresh()->document['vessel'])->not->toHaveKeys(['mesh', 'unit_mm']);
});

it('finds room for an object in the shape of a mesh', function (): void {
    $piece = $this->pieceOf($this->user);
    ($this->send)($piece, Meshes::binary(Meshes::pyramid(90.0, 60.0)))->assertSessionHasNoErrors();
    $this->post("/pieces/{$piece->id}/objects", ['kind' => 'garnet'])->assertSessionHasNoErrors();
    expect($piece->refresh()->document['inclusions'])->toHaveCount(2);
});

it('shapes an object, and takes the size of the mesh for it', function (): void {
    $piece = $this->pieceOf($this->user);
    ($this->send)($piece, Meshes::ascii(Meshes::block(12.0, 8.0, 6.0)), '/inclusions/0')->assertSessionHasNoErrors();
    $inclusion = $piece->refresh()->plan()->inclusions[0];
    expect($piece->document['inclusions'][0]['size_mm'])->toEqual([12, 8, 6])
        ->and(1e9 * $inclusion->envelope())->toEqualWithDelta(576.0, 1e-6);
    $this->patch("/pieces/{$piece->id}", ['f' => ['/inclusions/0/size_mm/2' => '3 mm']])->assertSessionHasNoErrors();
    expect(1e9 * $piece->refresh()->plan()->inclusions[0]->envelope())->toEqualWithDelta(288.0, 1e-6);
});

it('goes out inside the plan file and comes back the same', function (): void {
    $piece = $this->pieceOf($this->user);
    ($this->send)($piece, Meshes::binary(Meshes::pyramid(90.0, 60.0)));
    $file = $this->get("/pieces/{$piece->id}/file")->assertOk()->getContent();
    expect(json_decode($file, true)['vessel']['mesh_base64'])->toBe(base64_encode(Meshes::binary(Meshes::pyramid(90.0, 60.0))))
        ->and($file)->not->toContain('"mesh"');
    $other = $this->member('two@studio.example', Studio::query()->create(['name' => 'Another studio', 'units' => 'metric']));
    $this->actingAs($other)->post(
        '/pieces/files',
        ['file' => UploadedFile::fake()->createWithContent('p.pensilis.json', $file)],
    )->assertSessionHasNoErrors();
    $copy = Piece::query()->where('studio_id', $other->studio_id)->sole();
    expect($copy->document)->toEqual($piece->refresh()->document)
        ->and(Mesh::query()->count())->toBe(2);
    $this->get("/pieces/{$copy->id}/file")->assertContent($file);
});

it('keeps a mesh to its studio', function (): void {
    $piece = $this->pieceOf($this->user);
    ($this->send)($piece, Meshes::binary(Meshes::pyramid(90.0, 60.0)));
    $this->actingAs($this->member('two@studio.example', Studio::query()->create(['name' => 'Another studio', 'units' => 'metric'])))
        ->post('/pieces/files', ['file' => UploadedFile::fake()->createWithContent('p.json', PlanFile::write($piece->refresh()->document))])
        ->assertSessionHasErrors(['file' => '/vessel/shape: This mesh is not kept in your studio; send the file again.']);
});

it('refuses a mesh by name and changes nothing', function (string $bytes, string $for, string $says): void {
    $piece = $this->pieceOf($this->user);
    ($this->send)($piece, $bytes, $for)->assertRedirect("/pieces/{$piece->id}")->assertSessionHasErrors();
    expect(session('errors')->all()[0])->toContain($says)
        ->and($piece->refresh()->document)->toEqual(Plans::cone())
        ->and(Mesh::query()->count())->toBe(0);
})->with([
    'an open one'   => [fn() => Meshes::binary(array_slice(Meshes::block(9.0, 9.0, 9.0), 1)), '/vessel', 'not closed: 3 open edges'],
    'one cut short' => [fn() => substr(Meshes::binary(Meshes::block(9.0, 9.0, 9.0)), 0, 200), '/vessel', 'ends after 2'],
    'a text'        => [fn() => 'solid of words', '/vessel', 'neither a facet nor the end'],
    'another place' => [fn() => 'x', '/resins/0', 'which part of the piece'],
]);

it('redraws a list of meshes without a query for each', function (): void {
    foreach (range(1, 6) as $n) {
        ($this->send)($this->pieceOf($this->user), Meshes::binary(Meshes::pyramid(50.0 + $n, 60.0)));
    }
    DB::enableQueryLog();
    $this->get('/pieces')->assertOk();
    expect(count(DB::getQueryLog()))->toBeLessThan(6);
});

it('reads a mesh beside the plan file on the command line, and none above it', function (string $path, bool $taken): void {
    $folder = sys_get_temp_dir() . '/pensilis-' . bin2hex(random_bytes(4));
    mkdir("{$folder}/below", recursive: true);
    file_put_contents("{$folder}/above.stl", Meshes::binary(Meshes::pyramid(90.0, 60.0)));
    file_put_contents("{$folder}/below/a.stl", Meshes::binary(Meshes::pyramid(90.0, 60.0)));
    symlink("{$folder}/above.stl", "{$folder}/below/link.stl");
    file_put_contents(
        "{$folder}/below/plan.json",
        json_encode(Plans::changed(
            ['/vessel' => ['shape' => 'stl', 'path' => $path, 'wall' => ['material' => 'silicone', 'thickness_mm' => 4]]],
            Plans::cone(),
        )),
    );
    $this->artisan('pensilis:check', ['file' => "{$folder}/below/plan.json"])->assertExitCode($taken ? 0 : 2);
    File::deleteDirectory($folder);
})->with([
    'beside it'     => ['a.stl', true], 'above it' => ['../above.stl', false], 'by a link' => ['link.stl', false],
    'from the root' => ['/etc/hostname', false], 'not there' => ['b.stl', false], 'a folder' => ['.', false],
]);

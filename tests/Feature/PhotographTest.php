<?php

declare(strict_types=1);

use App\Models\Photograph;
use App\Models\Studio;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Pensilis\Plan\Making;

/** A picture of one colour as a camera would write it: with a segment that says where it was taken. */
function jpeg(int $width, int $height): string
{
    $image = imagecreatetruecolor(max(1, $width), max(1, $height));
    ob_start();
    imagejpeg($image);
    $bytes = (string) ob_get_clean();
    $segment = "Exif\0\0" . 'GPS 47.1 N 9.5 E, a place that nobody should learn';

    return substr($bytes, 0, 2) . "\xFF\xE1" . pack('n', strlen($segment) + 2) . $segment . substr($bytes, 2);
}

/** The head of a picture that says it is of a size, with nothing behind it. */
function png(int $width, int $height): string
{
    $head = 'IHDR' . pack('NN', $width, $height) . "\x08\x02\0\0\0";

    return "\x89PNG\r\n\x1a\n" . pack('N', 13) . $head . pack('N', crc32($head)) . pack('N', 0) . 'IEND' . pack('N', crc32('IEND'));
}

/** A file as a browser sends it: its kind is told by its bytes, not by its name. */
function uploaded(string $bytes, string $name): UploadedFile
{
    $path = (string) tempnam(sys_get_temp_dir(), 'pensilis');
    file_put_contents($path, $bytes);

    return new UploadedFile($path, $name, null, null, true);
}

beforeEach(function (): void {
    Storage::fake('local');
    [$this->user, $this->piece] = $this->signedIn();
    $this->send = fn(string $bytes, string $name = 'layout.jpg') => $this->from("/pieces/{$this->piece->id}/photograph")
        ->post("/pieces/{$this->piece->id}/photograph", ['photograph' => uploaded($bytes, $name)]);
    $this->scale = fn(array $said) => $this->from("/pieces/{$this->piece->id}/photograph")
        ->patch(
            "/pieces/{$this->piece->id}/photograph",
            $said + ['x1' => '100', 'y1' => '200', 'x2' => '400', 'y2' => '600', 'mx' => '300', 'my' => '250', 'length' => '100 mm'],
        );
});

it('keeps a picture encoded anew: smaller, and without what the camera wrote', function (): void {
    ($this->send)(jpeg(3000, 1500))->assertSessionHasNoErrors();
    $kept = Photograph::query()->sole();
    expect([$kept->width, $kept->height])->toBe([2000, 1000])
        ->and($kept->bytes())->toStartWith("\xFF\xD8\xFF")->not->toContain('Exif')->not->toContain('nobody should learn');
    $this->get("/pieces/{$this->piece->id}/photograph.jpg")->assertOk()->assertHeader('Content-Type', 'image/jpeg');
});

it('scales it by two points of a known length and lays it under the plan', function (): void {
    ($this->send)(jpeg(800, 600));
    // 3-4-5: the points lie 500 pixels apart.
    ($this->scale)([])->assertRedirect("/pieces/{$this->piece->id}");
    expect(Photograph::query()->sole()->mm_per_pixel)->toEqualWithDelta(0.2, 1e-12);
    $page = $this->get("/pieces/{$this->piece->id}")->assertOk()->getContent();
    preg_match('/class="underlay"[^>]*\sx="(-?[\d.]+)" y="(-?[\d.]+)"\s+width="([\d.]+)" height="([\d.]+)"/', $page, $found);
    preg_match('/data-drawing="plan"\s+data-scale="([\d.]+)"/', $page, $scale);
    // 800 pixels of 0.2 mm, the pixel (300, 250) in the middle.
    expect((float) $found[3])->toEqualWithDelta(160.0 * (float) $scale[1], 0.02)
        ->and((float) $found[1])->toEqualWithDelta(-60.0 * (float) $scale[1], 0.02)
        ->and((float) $found[2])->toEqualWithDelta(-50.0 * (float) $scale[1], 0.02);
    ($this->scale)(['length' => '4 in']);
    expect(Photograph::query()->sole()->mm_per_pixel)->toEqualWithDelta(101.6 / 500.0, 1e-12);
});

it('replaces a photograph, and throws it away with its file', function (): void {
    ($this->send)(jpeg(300, 300));
    $first = Photograph::query()->sole()->place;
    ($this->send)(jpeg(400, 300));
    Storage::disk('local')->assertMissing($first);
    $this->delete("/pieces/{$this->piece->id}/photograph")->assertRedirect("/pieces/{$this->piece->id}");
    expect(Photograph::query()->count())->toBe(0)
        ->and(Storage::disk('local')->allFiles())->toBe([]);
    $this->get("/pieces/{$this->piece->id}/photograph.jpg")->assertNotFound();
});

it('refuses what is no photograph and keeps what there was', function (string $bytes, string $name, string $says): void {
    ($this->send)(jpeg(300, 300));
    ($this->send)($bytes, $name)->assertRedirect("/pieces/{$this->piece->id}/photograph")->assertSessionHasErrors('photograph');
    expect(session('errors')->first('photograph'))->toContain($says)
        ->and(Photograph::query()->sole()->width)->toBe(300);
})->with([
    'a drawing that runs'   => ['<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>', 'a.svg', 'SVG) are not taken'],
    'a drawing in disguise' => ['<svg xmlns="http://www.w3.org/2000/svg" onload="alert(1)"/>', 'a.jpg', 'SVG) are not taken'],
    'a text'                => ['Dear resin', 'a.jpg', 'Send a photograph as JPEG'],
    'a page'                => ['<html><body>hello</body></html>', 'a.png', 'Send a photograph as JPEG'],
    'far too many pixels'   => [fn() => png(30000, 30000), 'a.png', 'more than 50 million pixels'],
    'a broken one'          => [fn() => png(300, 300), 'a.png', 'cannot be read as a photograph'],
    'half of one'           => [fn() => substr(jpeg(600, 600), 0, 40), 'a.jpg', 'photograph'],
]);

it('refuses a scale that says nothing', function (array $said, string $field, string $says): void {
    ($this->send)(jpeg(800, 600));
    ($this->scale)($said)->assertSessionHasErrors($field)->assertSessionHasInput('mx', '300');
    expect(session('errors')->first($field))->toContain($says)
        ->and(Photograph::query()->sole()->mm_per_pixel)->toBeNull();
})->with([
    'one point twice' => [['x2' => '100', 'y2' => '200'], 'x2', 'closer than 20 pixels'],
    'no second point' => [['x2' => ''], 'x2', 'Click two points'],
    'a word'          => [['length' => 'long'], 'length', 'long'],
    'no length'       => [['length' => ''], 'length', 'such as 12 mm'],
    'nothing long'    => [['length' => '0 mm'], 'length', 'above 0'],
    'a mile'          => [['length' => '90000 mm'], 'length', 'at most 5000 mm'],
]);

it('shows photographs to their studio only', function (): void {
    ($this->send)(jpeg(300, 300));
    $this->actingAs($this->member('two@studio.example', Studio::query()->create(['name' => 'Another studio', 'units' => 'metric'])));
    $this->get("/pieces/{$this->piece->id}/photograph.jpg")->assertNotFound();
    $this->delete("/pieces/{$this->piece->id}/photograph")->assertNotFound();
});

it('takes a dam that was traced on the scaled photograph as the vessel', function (): void {
    $this->piece->change(fn(array $document): array => ['inclusions' => []] + $document);
    $trace = fn(string $points) => $this->from("/pieces/{$this->piece->id}/photograph")
        ->post("/pieces/{$this->piece->id}/photograph/dam", ['points' => $points]);
    $trace('0,0 9,0 9,9')->assertNotFound();
    ($this->send)(jpeg(800, 600));
    $trace('0,0 9,0 9,9')->assertSessionHasErrors('points');
    // 500 pixels are 100 mm.
    ($this->scale)([])->assertSessionHasNoErrors();
    $this->get("/pieces/{$this->piece->id}/photograph")->assertOk()->assertSee('Make it the vessel');
    $trace('100,100 500,100 500,300 100,300')->assertSessionHasNoErrors()->assertRedirect("/pieces/{$this->piece->id}");
    $plan = $this->piece->refresh()->plan();
    // By hand: 400 by 200 pixels at 0.2 mm, 80 by 40 mm.
    expect(1e4 * $plan->vessel->shape->sectionAt(0.0)->area())->toEqualWithDelta(32.0, 1e-6)->and($plan->setup->making)->toBe(Making::Dam)
        // The photograph lies with its middle where the dam has its own.
        ->and([Photograph::query()->sole()->middle_x, Photograph::query()->sole()->middle_y])->toBe([300.0, 200.0]);
    $before = $this->piece->document;
    foreach (['', '1,1 2,2', 'a,b c,d e,f', '0,0 400,400 400,0 0,400', str_repeat('1,1 ', 600)] as $points) {
        $trace($points)->assertSessionHasErrors('points');
    }
    expect($this->piece->refresh()->document)->toEqual($before);
});

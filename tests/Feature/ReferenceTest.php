<?php

declare(strict_types=1);

use App\Models\Reference;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;

beforeEach(function (): void {
    Storage::fake('local');
    [$this->user, $this->piece] = $this->signedIn();
    $this->at = "/pieces/{$this->piece->id}/reference";
});

it('keeps a reference picture, tells its shades beside the colours at hand, and takes one over', function (): void {
    // Two thirds peat brown, a third sky.
    $image = imagecreatetruecolor(90, 60);
    imagefilledrectangle($image, 0, 0, 90, 60, (int) imagecolorallocate($image, 0x58, 0x3c, 0x24));
    imagefilledrectangle($image, 0, 0, 29, 60, (int) imagecolorallocate($image, 0x9c, 0xc4, 0xe0));
    ob_start();
    imagepng($image);
    $file = UploadedFile::fake()->createWithContent('moor.png', (string) ob_get_clean());
    $this->post($this->at, ['photograph' => $file])->assertSessionHasNoErrors()->assertRedirect($this->at);
    $kept = Reference::query()->sole();
    expect(array_column($kept->shades, 0))->toBe(['#583c24', '#9cc4e0'])->and($kept->shades[0][1])->toEqualWithDelta(2.0 / 3.0, 0.02);
    $this->get($this->at)->assertOk()->assertSee('#583c24')->assertSee('67 % of it')->assertSee('most like');
    $this->get("{$this->at}.jpg")->assertOk()->assertHeader('Content-Type', 'image/jpeg');
    $this->patch($this->at, ['shade' => '#9cc4e0'])->assertSessionHas('said');
    expect(array_column($this->piece->refresh()->document['colours'], 'shade'))->toContain('#9cc4e0');
    $before = $this->piece->document;
    foreach (['', '#000000', ['#9cc4e0']] as $shade) {
        $this->from($this->at)->patch($this->at, ['shade' => $shade])->assertSessionHasErrors('shade');
    }
    expect($this->piece->refresh()->document)->toEqual($before);
    Storage::disk('local')->assertExists($kept->place);
    $this->delete($this->at)->assertRedirect();
    Storage::disk('local')->assertMissing($kept->place);
    $this->get("{$this->at}.jpg")->assertNotFound();
});

it('refuses what is no picture, and keeps the one that is there', function (): void {
    $this->from($this->at)->post($this->at, ['photograph' => UploadedFile::fake()->createWithContent('moor.jpg', 'not a picture')])
        ->assertSessionHasErrors('photograph');
    $this->from($this->at)->post($this->at, [])->assertSessionHasErrors('photograph');
    expect(Reference::query()->count())->toBe(0);
});

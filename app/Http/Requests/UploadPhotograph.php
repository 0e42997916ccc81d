<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Turns\Turn;
use App\Words\Limits;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;
use Intervention\Image\Drivers\Gd\Driver;
use Intervention\Image\ImageManager;
use Intervention\Image\Interfaces\ImageInterface;
use Pensilis\Colour\MainShades;
use Pensilis\Colour\Shade;
use Throwable;

/** A photograph as it came; what is kept is a picture encoded anew, smaller, without anything but its pixels. */
final class UploadPhotograph extends FormRequest
{
    private const LONGEST = 2000;

    private const QUALITY = 82;

    /** Pixels across that its shades are taken from, and how many shades. */
    private const SAMPLES = 48;

    private const SHADES = 6;

    /** As it was encoded. */
    private ?ImageInterface $image = null;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['photograph' => ['required', 'file', Limits::file(Limits::PHOTOGRAPH), 'mimetypes:image/jpeg,image/png,image/webp']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return Words::asked('photograph');
    }

    /**
     * @return array{string, int, int} JPEG, width, height
     *
     * @throws ValidationException
     */
    public function encoded(): array
    {
        $file = $this->file('photograph');
        $path = $file instanceof UploadedFile ? $file->getPathname() : '';
        $size = @getimagesize($path);
        if ($size === false || $size[0] < 1 || $size[1] < 1) {
            throw ValidationException::withMessages(['photograph' => __('asked.photograph.unreadable')]);
        }
        if ($size[0] * $size[1] > 1_000_000 * Limits::PIXELS) {
            throw ValidationException::withMessages(['photograph' => Words::asked('photograph')['pixels']]);
        }
        // A large one takes some hundred megabytes while it is read.
        $turn = Turn::take('photographs') ?? throw ValidationException::withMessages(['photograph' => __('asked.photograph.busy')]);
        try {
            // Turned as the camera held it, then only pixels are written.
            $manager = new ImageManager(new Driver(), autoOrientation: true);
            $this->image = $image = $manager->read($path)->scaleDown(self::LONGEST, self::LONGEST);

            return [$image->toJpeg(self::QUALITY)->toString(), $image->width(), $image->height()];
        } catch (Throwable) {
            throw ValidationException::withMessages(['photograph' => __('asked.photograph.unreadable')]);
        } finally {
            $turn->giveBack();
        }
    }

    /** @return list<array{string, float}> the shades of what was encoded and their shares; none before */
    public function shades(): array
    {
        [$pixels, $image] = [[], $this->image?->resize(self::SAMPLES, self::SAMPLES)];
        for ($x = 0; $image !== null && $x < self::SAMPLES; $x++) {
            for ($y = 0; $y < self::SAMPLES; $y++) {
                $pixels[] = Shade::hex('#' . substr($image->pickColor($x, $y)->toHex(), 0, 6));
            }
        }

        return array_map(fn(array $one): array => [$one[0]->toHex(), round($one[1], 3)], MainShades::of($pixels, self::SHADES));
    }
}

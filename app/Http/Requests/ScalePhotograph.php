<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Interchange\Form\FieldKind;
use App\Models\Photograph;
use App\Words\Limits;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Pensilis\Geometry\Reach;
use Pensilis\Quantity\Length;
use Pensilis\Quantity\UnitSystem;

/** Two points on a photograph, how far apart they are in truth, and where the middle of the vessel is seen. */
final class ScalePhotograph extends FormRequest
{
    use OfStudio;

    /** Points nearer than this give no scale, pixels. */
    private const NEAREST = 20.0;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        $pixel = ['required', 'numeric', Limits::DECIMAL, 'min:0', 'max:2000'];

        return [
            'x1'     => $pixel, 'y1' => $pixel, 'x2' => $pixel, 'y2' => $pixel, 'mx' => $pixel, 'my' => $pixel,
            'length' => ['required', 'string', 'max:' . Limits::QUANTITY],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return Words::asked('scale', ['example' => FieldKind::Length->example($this->studio()->units)]);
    }

    /** @throws ValidationException */
    public function applyTo(Photograph $photograph, UnitSystem $system): void
    {
        $pixels = hypot($this->float('x2') - $this->float('x1'), $this->float('y2') - $this->float('y1'));
        if ($pixels < self::NEAREST) {
            throw ValidationException::withMessages(['x2' => __('asked.scale.near', ['least' => self::NEAREST])]);
        }
        $length = Asked::quantity(
            'length',
            $system,
            fn(): float => Length::parse($this->string('length')->toString(), $system)->mm(),
        );
        if ($length <= 0.0 || $length > Reach::MILLIMETRES) {
            throw ValidationException::withMessages([
                'length' => __('asked.scale.length', ['most' => Length::millimetres(Reach::MILLIMETRES)->print($system)]),
            ]);
        }
        $photograph->update(['mm_per_pixel' => $length / $pixels, 'middle_x' => $this->float('mx'), 'middle_y' => $this->float('my')]);
    }
}

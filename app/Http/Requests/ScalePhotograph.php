<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Photograph;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Pensilis\Exception\UnreadableQuantity;
use Pensilis\Quantity\Length;
use Pensilis\Quantity\UnitSystem;

/** Two points on a photograph, how far apart they are in truth, and where the middle of the vessel is seen. */
final class ScalePhotograph extends FormRequest
{
    /** Points nearer than this give no scale, pixels. */
    private const NEAREST = 20.0;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        $pixel = ['required', 'numeric', 'min:0', 'max:2000'];

        return ['x1' => $pixel, 'y1' => $pixel, 'x2' => $pixel, 'y2' => $pixel, 'mx' => $pixel, 'my' => $pixel, 'length' => ['required', 'string', 'max:40']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'length.*' => 'Write how far apart the two points are, such as 90 mm.',
            'mx.*'     => 'Click the middle of the vessel too, or write its pixels.', 'my.*' => 'Click the middle of the vessel too, or write its pixels.',
            '*'        => 'Click two points of a known length, or write their pixels.',
        ];
    }

    /** @throws ValidationException */
    public function applyTo(Photograph $photograph, UnitSystem $system): void
    {
        $pixels = hypot($this->float('x2') - $this->float('x1'), $this->float('y2') - $this->float('y1'));
        if ($pixels < self::NEAREST) {
            throw ValidationException::withMessages(['x2' => 'The two points lie closer than 20 pixels; click two that are farther apart.']);
        }
        try {
            $length = Length::parse($this->string('length')->toString(), $system)->mm();
        } catch (UnreadableQuantity $refusal) {
            throw ValidationException::withMessages(['length' => $refusal->getMessage()]);
        }
        if ($length <= 0.0 || $length > 5000.0) {
            throw ValidationException::withMessages(['length' => 'The length must be above 0 and at most 5 m.']);
        }
        $photograph->update(['mm_per_pixel' => $length / $pixels, 'middle_x' => $this->float('mx'), 'middle_y' => $this->float('my')]);
    }
}

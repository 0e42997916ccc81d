<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Interchange\PlanFile\OutlineVessel;
use App\Interchange\PlanFile\SvgOutline;
use App\Models\Piece;
use App\Words\Limits;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;
use Pensilis\Exception\UnusableDrawing;
use Pensilis\PlanFile\PlanRefused;
use Pensilis\Quantity\UnitSystem;

/** An SVG file whose one outline shall be that of the vessel. The file itself is never kept or shown. */
final class UploadOutline extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['drawing' => ['required', 'file', Limits::file(Limits::DRAWING)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return Words::asked('outline');
    }

    /** @throws ValidationException with what is wrong; then nothing is changed */
    public function applyTo(Piece $piece, UnitSystem $system): void
    {
        $file = $this->file('drawing');
        try {
            $outline = SvgOutline::of($file instanceof UploadedFile ? $file->getContent() : '');
            $piece->change(
                fn(array $document): array => OutlineVessel::with($document, $outline->path, $outline->unit),
                $piece->fingerprint(),
            );
        } catch (UnusableDrawing $refusal) {
            throw ValidationException::withMessages(['drawing' => (new Words($system))->refusal($refusal)]);
        } catch (PlanRefused $refusal) {
            throw ValidationException::withMessages(['drawing' => array_map((new Words($system))->finding(...), $refusal->problems)]);
        }
    }
}

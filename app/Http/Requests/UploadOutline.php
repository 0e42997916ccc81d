<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Interchange\Document;
use App\Interchange\PlanFile;
use App\Interchange\SvgOutline;
use App\Models\Piece;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;
use Pensilis\Exception\PlanRefused;
use Pensilis\Exception\UnusableDrawing;
use Pensilis\Plan\Notice;

/** An SVG file whose one outline shall be that of the vessel. The file itself is never kept or shown. */
final class UploadOutline extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['drawing' => ['required', 'file', 'max:2048']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['drawing.max' => 'The drawing is larger than 2 MB; save it with fewer points.', 'drawing.*' => 'Choose a drawing, a file that ends in .svg.'];
    }

    /**
     * @return array<string, mixed> the document with the outline
     *
     * @throws ValidationException
     */
    public function applyTo(Piece $piece): array
    {
        $file = $this->file('drawing');
        try {
            $outline = SvgOutline::of($file instanceof UploadedFile ? $file->getContent() : '');
            $vessel = Document::value($piece->document, '/vessel');
            $height = Document::value($piece->document, '/vessel/height_mm') ?? Document::value($piece->document, '/vessel/dam_mm') ?? 20;
            $shaped = ['shape' => 'outline', 'path' => $outline->path, 'unit_mm' => $outline->unit, 'height_mm' => $height]
                + array_intersect_key(is_array($vessel) ? $vessel : [], ['wall' => 1, 'base' => 1, 'viewed' => 1, 'made' => 1, 'fill_mm' => 1]);

            return PlanFile::read(PlanFile::write(Document::with($piece->document, '/vessel', $shaped)), $piece->meshes());
        } catch (UnusableDrawing $refusal) {
            throw ValidationException::withMessages(['drawing' => $refusal->getMessage()]);
        } catch (PlanRefused $refusal) {
            throw ValidationException::withMessages(['drawing' => array_map(fn(Notice $problem): string => $problem->message, $refusal->problems)]);
        }
    }
}

<?php

declare(strict_types=1);

namespace App\View\Drawing;

use Dompdf\Dompdf;
use Dompdf\Options;
use Pensilis\Quantity\UnitSystem;

/** The placement template as a PDF of true size: on a sheet where it fits, else on one as large as it needs. */
final readonly class TemplatePdf
{
    private const POINTS = 72.0 / 25.4;

    /** Between the drawing and the edge of the sheet: the page margin that Dompdf brings, mm. */
    private const EDGE = 12.0;

    /** At so many dots to the inch a pixel is a millimetre. */
    private const DPI = 25.4;

    public static function of(TemplateDrawing $drawing, string $title, UnitSystem $system): string
    {
        $sheet = $system === UnitSystem::Us ? [215.9, 279.4] : [210.0, 297.0];
        $fits = $drawing->width + 2.0 * self::EDGE <= $sheet[0] && $drawing->height + 2.0 * self::EDGE <= $sheet[1];
        [$width, $height] = $fits ? $sheet : [$drawing->width + 2.0 * self::EDGE, $drawing->height + 2.0 * self::EDGE];
        $svg = view('pieces.template-drawing', ['drawing' => $drawing, 'title' => $title])->render();
        // Its library does not scale a drawing from its own units to millimetres; here they are pixels.
        $svg = base64_encode(str_replace('mm"', '"', $svg));
        // Nothing is fetched: the drawing is inside.
        $pdf = new Dompdf(new Options([
            'isRemoteEnabled' => false, 'isPhpEnabled' => false, 'defaultFont' => 'helvetica', 'dpi' => self::DPI,
            'chroot'          => [resource_path('views')],
        ]));
        $pdf->setPaper([0.0, 0.0, $width * self::POINTS, $height * self::POINTS]);
        $pdf->loadHtml(view('pieces.template-page', ['drawing' => $drawing, 'svg' => $svg])->render());
        $pdf->render();

        return $pdf->output() ?? '';
    }
}

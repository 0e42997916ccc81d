<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pieces;

use App\Http\Controllers\Controller;
use App\Interchange\Answers\Answers;
use App\Models\Piece;
use App\View\Drawing\TemplatePdf;
use App\View\Page\PieceView;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The placement template: a page to print, or the drawing alone to keep. */
final class TemplateController extends Controller
{
    public function show(Request $request, Piece $piece, Answers $answers): Response
    {
        $view = new PieceView($piece, $this->studio()->units, $answers->kept($piece));
        $drawing = $view->template($request->boolean('mirrored'));
        if (self::said($request, 'as') === 'pdf') {
            return self::away(TemplatePdf::of($drawing, $piece->title, $this->studio()->units), 'application/pdf', 'template.pdf');
        }
        if (self::said($request, 'as') !== 'svg') {
            return response()->view('pieces.template', ['view' => $view, 'drawing' => $drawing]);
        }

        $svg = view('pieces.template-drawing', ['drawing' => $drawing, 'title' => $piece->title])->render();

        return self::away($svg, 'image/svg+xml; charset=utf-8', 'template.svg');
    }
}

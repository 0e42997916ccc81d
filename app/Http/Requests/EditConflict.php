<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Refusal;
use App\Interchange\Form\Conflict;
use App\Models\Piece;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use RuntimeException;

/** Two have changed the same fields of a piece: both are shown, and one chooses. */
final class EditConflict extends RuntimeException
{
    /**
     * @param list<Conflict>        $conflicts
     * @param array<string, string> $others    what else was typed, by pointer
     */
    public function __construct(public readonly Piece $piece, public readonly array $conflicts, public readonly array $others)
    {
        parent::__construct("Fields of the piece {$piece->id} have been changed by somebody else.");
    }

    /** A page, or its inside where htmx asks. */
    public function render(Request $request): Response
    {
        $isPart = $request->headers->has('HX-Request');

        return response()->view(
            $isPart ? 'pieces.conflict' : 'pieces.conflict-page',
            ['conflict' => $this],
            Response::HTTP_CONFLICT,
            $isPart ? Refusal::HEADERS : [],
        );
    }
}

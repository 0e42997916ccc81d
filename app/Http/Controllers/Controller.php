<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Piece;
use App\Models\Studio;
use App\Models\User;
use App\View\Drawing\Gaze;
use Closure;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Timebox;
use LogicException;

abstract class Controller
{
    /** Of an answer that must not tell by its time what came of it, µs. */
    private const TAKES = 1_000_000;

    protected function member(): User
    {
        $user = Auth::user();

        return $user instanceof User ? $user : throw new LogicException('Only members come here.');
    }

    protected function studio(): Studio
    {
        return $this->member()->loadMissing('studio')->studio;
    }

    /** The page of a piece, looked at as before. */
    protected static function to(Piece $piece): RedirectResponse
    {
        return redirect()->route('pieces.show', [$piece, ...Gaze::of(request())->query()]);
    }

    /** A picture of one piece, whose address changes with it. */
    protected static function jpeg(string $bytes): Response
    {
        return response($bytes, 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=86400']);
    }

    /** A file to take away. */
    protected static function away(string $text, string $type, string $name): Response
    {
        return response($text, 200, ['Content-Type' => $type, 'Content-Disposition' => "attachment; filename=\"{$name}\""]);
    }

    /** Does what takes as long whatever comes of it: a mail takes its time, and no answer tells whether one was sent. */
    protected static function alike(callable $do): void
    {
        (new Timebox())->call($do, self::TAKES);
    }

    /**
     * Narrows a list to those whose text holds the words, whatever their case; nothing in them stands for anything.
     *
     * @param literal-string $text SQL of the text
     *
     * @return Closure(Builder<covariant Model>): void
     */
    protected static function holding(string $text, string $words): Closure
    {
        return function (Builder $some) use ($text, $words): void {
            $some->whereRaw("instr(lower({$text}), lower(?)) > 0", [$words]);
        };
    }

    /** A text that an address or a form says; nothing where it says a list. */
    protected static function said(Request $request, string $name): string
    {
        $said = $request->input($name);

        return is_string($said) ? $said : '';
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Studio;
use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use LogicException;

abstract class Controller
{
    protected function member(): User
    {
        $user = Auth::user();

        return $user instanceof User ? $user : throw new LogicException('Only members come here.');
    }

    protected function studio(): Studio
    {
        return $this->member()->loadMissing('studio')->studio;
    }

    /** A text that an address or a form says; nothing where it says a list. */
    protected static function said(Request $request, string $name): string
    {
        $said = $request->input($name);

        return is_string($said) ? $said : '';
    }
}

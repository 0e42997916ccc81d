<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Studio;
use App\Models\User;
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
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Studio;
use App\Models\User;

/** For forms whose rules depend on the studio of whoever sends them; only members come that far. */
trait OfStudio
{
    private function studio(): Studio
    {
        $user = $this->user();

        return $user instanceof User ? $user->loadMissing('studio')->studio : new Studio();
    }
}

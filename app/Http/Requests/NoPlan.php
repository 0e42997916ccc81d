<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use App\Words\Words;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;
use Pensilis\PlanFile\PlanRefused;
use Pensilis\Quantity\UnitSystem;

/** What is answered where a press would leave a piece that makes no plan: why, in the units of who pressed. */
final class NoPlan
{
    private const KEY = 'plan';

    public static function isWhy(ValidationException $refusal): bool
    {
        return array_keys($refusal->errors()) === [self::KEY];
    }

    public static function because(PlanRefused $refusal): ValidationException
    {
        $user = Auth::user();
        $words = new Words($user instanceof User ? $user->loadMissing('studio')->studio->units : UnitSystem::Metric);

        return ValidationException::withMessages([self::KEY => array_map($words->finding(...), $refusal->problems)]);
    }
}

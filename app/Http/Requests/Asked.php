<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Words\Words;
use Illuminate\Validation\ValidationException;
use Pensilis\Exception\UnreadableQuantity;
use Pensilis\Quantity\UnitSystem;

/** A quantity that a field asks for, in any unit. */
final class Asked
{
    /**
     * @template T
     *
     * @param callable(): T $read
     *
     * @return T
     *
     * @throws ValidationException at the field, where it does not read as what is asked for
     */
    public static function quantity(string $field, UnitSystem $system, callable $read): mixed
    {
        try {
            return $read();
        } catch (UnreadableQuantity $refusal) {
            throw ValidationException::withMessages([$field => (new Words($system))->refusal($refusal)]);
        }
    }
}

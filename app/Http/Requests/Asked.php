<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Pensilis\Exception\UnreadableQuantity;
use Pensilis\Quantity\Length;
use Pensilis\Quantity\Mass;
use Pensilis\Quantity\UnitSystem;
use Pensilis\Quantity\Volume;

/** What a form asks for, once it has been checked: a quantity in any unit, or one of a few ways. */
final class Asked
{
    /**
     * @template T of string
     *
     * @param non-empty-list<T> $ways
     *
     * @return T that which was said, of a form that takes no other
     */
    public static function oneOf(array $ways, string $said): string
    {
        return $ways[(int) array_search($said, $ways, true)];
    }

    /**
     * A mass in any unit, or a volume, which its density makes one; a bare figure is grams, and an ounce one of weight.
     *
     * @param float $density g/ml
     *
     * @return float g
     *
     * @throws ValidationException at the field
     */
    public static function grams(FormRequest $form, string $field, float $density): float
    {
        $text = $form->string($field)->toString();

        return self::quantity($field, UnitSystem::Metric, function () use ($text, $density): float {
            try {
                return Mass::parse($text, UnitSystem::Metric)->g();
            } catch (UnreadableQuantity $refusal) {
                return $density * (self::millilitres($text) ?? throw $refusal);
            }
        });
    }

    private static function millilitres(string $text): ?float
    {
        try {
            return Volume::parse($text, UnitSystem::Metric)->ml();
        } catch (UnreadableQuantity) {
            return null;
        }
    }

    /**
     * A length above nothing, mm; null where none is typed.
     *
     * @throws ValidationException at the field
     */
    public static function millimetres(FormRequest $form, string $field, UnitSystem $system): ?float
    {
        if (!$form->filled($field)) {
            return null;
        }
        $mm = self::quantity($field, $system, fn(): float => Length::parse($form->string($field)->toString(), $system)->mm());

        return $mm > 0.0 ? $mm : throw ValidationException::withMessages([$field => __('asked.length')]);
    }

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

<?php

declare(strict_types=1);

namespace Pensilis\PlanFile;

/**
 * Reads and changes a decoded plan file by JSON pointer; every change makes a new document. A place that is not there reads as nothing,
 * and is made where something is put; what is put at the end of a list stands behind all others. What has an id keeps it: one that another
 * has already gets a number, so that what names it, such as a pour its resin, never means two things.
 */
final class Document
{
    /** @param array<array-key, mixed> $document */
    public static function value(array $document, string $pointer): mixed
    {
        $here = $document;
        foreach (Pointer::keys($pointer) as $step) {
            if (!is_array($here) || !array_key_exists($step, $here)) {
                return null;
            }
            $here = $here[$step];
        }

        return $here;
    }

    /** @param array<array-key, mixed> $document */
    public static function number(array $document, string $pointer): ?float
    {
        $value = self::value($document, $pointer);

        return is_int($value) || is_float($value) ? (float) $value : null;
    }

    /**
     * @param array<array-key, mixed> $document
     *
     * @return array<array-key, mixed> a list, or what has keys; nothing where there is neither
     */
    public static function list(array $document, string $pointer): array
    {
        $list = self::value($document, $pointer);

        return is_array($list) ? $list : [];
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return list<mixed> what a list has but the one of that id
     */
    public static function others(array $document, string $pointer, string $id): array
    {
        return array_values(array_filter(
            self::list($document, $pointer),
            fn(mixed $one): bool => !is_array($one) || ($one['id'] ?? null) !== $id,
        ));
    }

    /**
     * An id that nothing in a list has yet: the same id twice gets a number.
     *
     * @param array<string, mixed> $document
     */
    public static function freeId(array $document, string $pointer, string $wanted): string
    {
        $taken = array_column(self::list($document, $pointer), 'id');
        [$id, $n] = [$wanted, 1];
        while (in_array($id, $taken, true)) {
            $id = $wanted . ' ' . ++$n;
        }

        return $id;
    }

    /**
     * A list with one more at its end; the same id twice gets a number.
     *
     * @param array<string, mixed> $document
     * @param string               $key      of the list
     * @param array<string, mixed> $one
     * @param string               $else     id of what has none
     *
     * @return array<string, mixed>
     */
    public static function withOneMore(array $document, string $key, array $one, string $else): array
    {
        $id = self::freeId($document, "/{$key}", is_string($one['id'] ?? null) ? $one['id'] : $else);

        return [$key => [...array_values(self::list($document, "/{$key}")), ['id' => $id] + $one]] + $document;
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return array<string, mixed>
     */
    public static function with(array $document, string $pointer, mixed $value): array
    {
        /** @var array<string, mixed> $changed */
        $changed = self::placed($document, Pointer::keys($pointer), $value);

        return $changed;
    }

    /**
     * Takes a key out; an object or list that is empty then goes too.
     *
     * @param array<string, mixed> $document
     *
     * @return array<string, mixed>
     */
    public static function without(array $document, string $pointer): array
    {
        /** @var array<string, mixed> $changed */
        $changed = self::removed($document, Pointer::keys($pointer));

        return $changed;
    }

    /**
     * @param array<array-key, mixed> $here
     * @param list<string>            $steps
     *
     * @return array<array-key, mixed>
     */
    private static function placed(array $here, array $steps, mixed $value): array
    {
        $step = array_shift($steps) ?? '';
        $below = $here[$step] ?? [];
        $here[$step] = $steps === [] ? $value : self::placed(is_array($below) ? $below : [], $steps, $value);

        return $here;
    }

    /**
     * @param array<array-key, mixed> $here
     * @param list<string>            $steps
     *
     * @return array<array-key, mixed>
     */
    private static function removed(array $here, array $steps): array
    {
        $step = array_shift($steps) ?? '';
        if (!array_key_exists($step, $here)) {
            return $here;
        }
        $isList = array_is_list($here);
        $below = $here[$step];
        if ($steps !== [] && is_array($below)) {
            $here[$step] = self::removed($below, $steps);
        }
        if ($steps === [] || $here[$step] === []) {
            unset($here[$step]);
        }

        return $isList ? array_values($here) : $here;
    }
}

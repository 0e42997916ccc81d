<?php

declare(strict_types=1);

namespace App\Words;

use Pensilis\Material\Kind;

/** What a kind of thing is called and how it is treated: in the words of who tested it, else of the library. */
final class KindWords
{
    public static function name(Kind $kind): string
    {
        return $kind->name !== '' ? $kind->name : self::line('names', $kind->key);
    }

    public static function group(string $key): string
    {
        return self::line('groups', $key);
    }

    public static function drying(Kind $kind): string
    {
        return self::line('drying', $kind->key);
    }

    public static function sealing(Kind $kind): string
    {
        return $kind->sealing !== '' ? $kind->sealing : self::line('sealing', $kind->key);
    }

    public static function colour(Kind $kind): string
    {
        return $kind->colour !== '' ? $kind->colour : self::line('colour', $kind->key);
    }

    /** By which words it is found: its name, its group, what is done with it. */
    public static function found(Kind $kind, string $group, bool $isTested = false): string
    {
        $words = [
            self::name($kind), self::group($group), self::sealing($kind), self::drying($kind),
            Words::say('piece.objects.' . ($kind->floats() ? 'floats' : 'sinks')),
            Words::say('piece.objects.' . ($kind->bareUpTo() === null ? 'no-seal' : 'seal')),
            $kind->substance->bleeds ? Words::say('materials.bleeds') : '', $isTested ? Words::say('materials.own.tested') : '',
        ];

        return mb_strtolower(implode(' ', array_filter($words, fn(string $one): bool => $one !== '')));
    }

    /** A kind of one's own has no line there. */
    private static function line(string $list, string $key): string
    {
        $lines = trans("kinds.{$list}");
        $line = is_array($lines) ? $lines[$key] ?? $lines['own'] ?? '' : '';

        return is_string($line) ? $line : '';
    }
}

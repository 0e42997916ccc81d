<?php

declare(strict_types=1);

namespace Tests;

use Database\Seeders\DemoPieces;
use Pensilis\Numerics\Lehmer;
use Pensilis\PlanFile\Document;
use Pensilis\PlanFile\Pointer;

/**
 * Plan files that somebody or something has spoilt: one to three places of a good one taken out, scaled, doubled or replaced; the same for
 * the same seed. Most are refused; some make a plan of odd figures.
 */
final class BrokenPlans
{
    private const FACTORS = [10.0, 0.1, 1000.0, 0.001, 0.5, 0.999, 1.001, 1.5, 3.0, 0.0];

    private const STRANGE = [
        0, -1, 1, 1e-320, 1e-13, 1e-11, 1e-6, 0.001, 0.5, 99.9, 100, 4999, 5000, 5001, 1e6, 1e15, 1e300,
        '', 'x', "\u{202E}evil", '<b>x</b>', '#ffffff', 'none', 'auto', 'stl', 'box', 'outline', 'granular-bed',
        'M0 0L10 0L10 10Z', 'M0 0', true, false, null, [], [0, 0], [[0, 0], [1, 1]], ['a' => 1],
        '2026-01-01T08:00', '9999-12-31T23:59', 'mon', 'sun', '24:00', '00:00',
    ];

    /** @return array<string, mixed> */
    public static function of(int $seed): array
    {
        $chance = Lehmer::from(1_000 + 7_919 * $seed);
        $pick = function (int $count) use ($chance): int {
            $chance->next();

            return min($count - 1, (int) floor($chance->current() * $count));
        };
        $good = [Plans::coneWithPours(), Plans::cone(), Plans::coloured(), ...array_values(DemoPieces::all('2026-11-30'))];
        $document = $good[$pick(count($good))];
        for ($n = $pick(3); $n >= 0; $n--) {
            $places = self::places($document);
            $place = $places[$pick(count($places))];
            $value = Document::value($document, $place);
            $way = $pick(10);
            $isNumber = is_int($value) || is_float($value);
            $isList = is_array($value) && $value !== [] && array_is_list($value);
            $document = match (true) {
                $way === 0             => Document::without($document, $place),
                $way <= 7 && $isNumber => Document::with($document, $place, $value * self::FACTORS[$pick(10)]),
                $isList                => Document::with($document, $place, self::doubled($value, $pick)),
                default                => Document::with($document, $place, self::STRANGE[$pick(count(self::STRANGE))]),
            };
        }

        return $document;
    }

    /**
     * @param array<array-key, mixed> $here
     *
     * @return list<string> pointers to all that is in it
     */
    private static function places(array $here, string $pointer = ''): array
    {
        $places = [];
        foreach ($here as $key => $value) {
            $place = $pointer . Pointer::step((string) $key);
            array_push($places, $place, ...(is_array($value) ? self::places($value, $place) : []));
        }

        return $places;
    }

    /**
     * @param non-empty-list<mixed> $list
     * @param callable(int): int    $pick
     *
     * @return list<mixed> with one of its entries again
     */
    private static function doubled(array $list, callable $pick): array
    {
        $again = $list[$pick(count($list))];
        if (is_array($again) && is_string($again['id'] ?? null)) {
            $again['id'] .= ' again';
        }

        return [...$list, $again];
    }
}

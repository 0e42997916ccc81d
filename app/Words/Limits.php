<?php

declare(strict_types=1);

namespace App\Words;

use Pensilis\Geometry\StlReader;

/** How much is taken of what is typed or sent: each limit once, for the rule that keeps it and the words that tell it. */
final class Limits
{
    public const NAME = 120;

    public const KIND = 60;

    public const LOT = 60;

    /** Characters of a sentence. */
    public const LINE = 200;

    public const NOTE = 2000;

    /** Characters of a figure with its unit. */
    public const QUANTITY = 40;

    public const ADDRESS = 255;

    public const PASSWORD_LEAST = 12;

    public const PASSWORD = 255;

    /** Of a pack, its price and its stock. */
    public const AMOUNT = 10_000_000;

    public const MONTHS = 600;

    /** Of one mix, kg. */
    public const MIX = 100;

    /** Sizes of files, MB. */
    public const MESH = StlReader::MEGABYTES;

    public const PHOTOGRAPH = 30;

    public const DRAWING = 2;

    public const TABLE = 1;

    /** Of a photograph, millions; a decoded pixel takes four bytes. */
    public const PIXELS = 50;

    /** A plain decimal number: no exponent, no more digits than anything is known to. */
    public const DECIMAL = 'regex:/^-?\d{1,9}(\.\d{1,6})?$/';

    /** The rule for a file of at most so many megabytes. */
    public static function file(int $megabytes): string
    {
        return 'max:' . intdiv(1_000_000 * $megabytes, 1024);
    }

    /** @return list<string> the rules for an address of mail */
    public static function address(): array
    {
        return ['required', 'string', 'email', 'max:' . self::ADDRESS];
    }

    /** @return array<string, string> by the placeholder of lang/ */
    public static function said(): array
    {
        return [
            'most-name'       => (string) self::NAME,
            'most-kind'       => (string) self::KIND,
            'most-lot'        => (string) self::LOT,
            'most-line'       => (string) self::LINE,
            'most-note'       => (string) self::NOTE,
            'least-password'  => (string) self::PASSWORD_LEAST,
            'most-password'   => (string) self::PASSWORD,
            'most-amount'     => number_format(self::AMOUNT),
            'most-months'     => (string) self::MONTHS,
            'most-mix'        => self::MIX . ' kg',
            'most-mesh'       => self::MESH . ' MB',
            'most-photograph' => self::PHOTOGRAPH . ' MB',
            'most-drawing'    => self::DRAWING . ' MB',
            'most-table'      => self::TABLE . ' MB',
            'most-plan'       => intdiv(config()->integer('pensilis.largest_file'), 1024 ** 2) . ' MB',
            'most-pixels'     => self::PIXELS . ' million',
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Interchange\Shelf;

use RuntimeException;

/**
 * Tables as comma-separated values (RFC 4180), safe to open in a spreadsheet: a cell that begins with = + - @, a tab or a carriage
 * return would be taken for a formula, so it gets an apostrophe in front, which reading takes off again;
 * so does one that begins with them after spaces of any kind, or with their full-width forms.
 */
final class Csv
{
    /** What a spreadsheet may begin a formula with, full width too. */
    private const RISKY = '/^[=+\-@\t\r＝＋－＠]/u';

    /** What it may leave out before that: spaces of all kinds, marks of byte order, joiners. */
    private const UNSEEN = '/^[\s\x{00A0}\x{1680}\x{180E}\x{2000}-\x{200F}\x{2028}-\x{202F}\x{205F}\x{2060}\x{3000}\x{FEFF}]+/u';

    /** @param list<list<string>> $rows */
    public static function write(array $rows): string
    {
        $memory = self::memory();
        foreach ($rows as $row) {
            fputcsv($memory, array_map(self::neutral(...), $row), ',', '"', '', "\r\n");
        }
        rewind($memory);

        return (string) stream_get_contents($memory);
    }

    /** @return list<list<string>> rows that say anything; comma or semicolon, whichever the first line has more of */
    public static function read(string $text): array
    {
        $text = str_starts_with($text, "\xEF\xBB\xBF") ? substr($text, 3) : $text;
        $first = (string) strtok($text, "\r\n");
        $separator = substr_count($first, ';') > substr_count($first, ',') ? ';' : ',';
        $memory = self::memory();
        fwrite($memory, $text);
        rewind($memory);
        $rows = [];
        while (($row = fgetcsv($memory, null, $separator, '"', '')) !== false) {
            $cells = array_map(fn(?string $cell): string => trim(self::plain(trim((string) $cell))), $row);
            if (implode('', $cells) !== '') {
                $rows[] = array_values($cells);
            }
        }

        return $rows;
    }

    private static function neutral(string $cell): string
    {
        return self::isRisky($cell) || self::isMarked($cell) ? "'{$cell}" : $cell;
    }

    private static function plain(string $cell): string
    {
        return self::isMarked($cell) ? substr($cell, 1) : $cell;
    }

    private static function isRisky(string $cell): bool
    {
        return preg_match(self::RISKY, (string) preg_replace(self::UNSEEN, '', $cell)) === 1 || preg_match(self::RISKY, $cell) === 1;
    }

    /** An apostrophe before what is risky, or before another. */
    private static function isMarked(string $cell): bool
    {
        return str_starts_with($cell, "'") && (self::isRisky(substr($cell, 1)) || str_starts_with($cell, "''"));
    }

    /** @return resource */
    private static function memory()
    {
        $memory = fopen('php://temp', 'r+');

        return $memory === false ? throw new RuntimeException('No memory for a table.') : $memory;
    }
}

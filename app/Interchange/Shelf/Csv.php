<?php

declare(strict_types=1);

namespace App\Interchange\Shelf;

use RuntimeException;

/**
 * Tables as comma-separated values (RFC 4180), safe to open in a spreadsheet: a cell that begins with = + - @, a tab or a carriage
 * return would be taken for a formula, so it gets an apostrophe in front, which reading takes off again.
 */
final class Csv
{
    private const RISKY = "=+-@\t\r";

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
        return $cell !== ''
            && (str_contains(self::RISKY, $cell[0]) || ($cell[0] === "'" && strlen($cell) > 1 && str_contains(self::RISKY . "'", $cell[1])))
            ? "'{$cell}"
            : $cell;
    }

    private static function plain(string $cell): string
    {
        return strlen($cell) > 1 && $cell[0] === "'" && str_contains(self::RISKY . "'", $cell[1]) ? substr($cell, 1) : $cell;
    }

    /** @return resource */
    private static function memory()
    {
        $memory = fopen('php://temp', 'r+');

        return $memory === false ? throw new RuntimeException('No memory for a table.') : $memory;
    }
}

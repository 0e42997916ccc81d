<?php

declare(strict_types=1);

namespace App\Interchange\Shelf;

use Closure;

/** A table that somebody sent, row by row: all of it, or everything that is wrong with it, with row and column. */
final class Table
{
    private const MOST_ROWS = 3000;

    private const MOST_COLUMNS = 200;

    /** Characters of the name of a column. */
    private const LONGEST_NAME = 100;

    /** Problems that are told at once. */
    private const MOST_TOLD = 20;

    /**
     * @template T
     *
     * @param Closure(list<string>): ?string                                             $headed what is wrong with the names of columns
     * @param Closure(list<string>, list<string>): array{T, list<array{string, string}>} $row    of columns and cells: what they say, and
     *                                                                                           columns with what is wrong in them
     *
     * @return array{list<T>, list<string>}
     */
    public static function read(string $text, Closure $headed, Closure $row): array
    {
        $isText = mb_check_encoding($text, 'UTF-8') && preg_match('/[\x00-\x08\x0B\x0C\x0E-\x1F]/', $text) === 0;
        $rows = $isText ? Csv::read($text) : [];
        if (count($rows) < 2) {
            return [[], [__('asked.table.empty')]];
        }
        $columns = array_shift($rows);
        if (count($columns) > self::MOST_COLUMNS || max([0, ...array_map(mb_strlen(...), $columns)]) > self::LONGEST_NAME) {
            return [[], [__('asked.table.columns', ['most' => self::MOST_COLUMNS, 'long' => self::LONGEST_NAME])]];
        }
        $wrong = $headed($columns);
        if ($wrong !== null) {
            return [[], [$wrong]];
        }
        if (count($rows) > self::MOST_ROWS) {
            return [[], [__('asked.table.too-long', ['most' => self::MOST_ROWS])]];
        }
        if (count(array_unique($columns)) < count($columns)) {
            return [[], [__('asked.table.same-column')]];
        }
        [$read, $problems] = [[], []];
        foreach ($rows as $n => $cells) {
            [$read[], $found] = $row($columns, $cells);
            foreach ($found as [$column, $why]) {
                $problems[] = __('asked.table.row', ['row' => $n + 2, 'column' => $column, 'why' => $why]);
            }
        }

        return [$problems === [] ? $read : [], array_slice($problems, 0, self::MOST_TOLD)];
    }
}

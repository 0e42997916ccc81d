<?php

declare(strict_types=1);

namespace App\Interchange\Shelf;

use App\Interchange\PlanFile\PlanFile;
use App\Interchange\PlanFile\Starters;
use App\Models\Supply;
use App\Models\SupplyKind;
use App\Words\Limits;
use App\Words\Words;
use DateTimeImmutable;
use Illuminate\Support\Str;
use Pensilis\PlanFile\Document;
use Pensilis\PlanFile\PlanRefused;
use Pensilis\PlanFile\Pointer;

/**
 * What stands on the shelf as a table: one row each, the same columns out and in. What a plan file says of it has a column for each
 * figure, its key with points for the levels.
 */
final class SupplySheet
{
    /** Keys that a shelf says elsewhere, or that belong to one piece. */
    private const ELSEWHERE = ['id' => 1, 'name' => 1, 'price_per_kg' => 1, 'price_per_g' => 1];

    /** @param iterable<Supply> $supplies of one kind */
    public static function write(iterable $supplies): string
    {
        [$rows, $keys] = [[], []];
        foreach ($supplies as $supply) {
            $flat = self::flat($supply->document);
            $keys += array_fill_keys(array_keys($flat), true);
            $rows[] = [$supply, $flat];
        }
        $keys = array_keys($keys);
        $table = [[...Supply::PLAIN, ...$keys]];
        foreach ($rows as [$supply, $flat]) {
            $own = array_map(
                fn(string $column): string => $column === 'bought_on'
                    ? $supply->bought_on?->format('Y-m-d') ?? ''
                    : self::text($supply->getAttribute($column)),
                Supply::PLAIN,
            );
            $table[] = [...$own, ...array_map(fn(string $key): string => $flat[$key] ?? '', $keys)];
        }

        return Csv::write($table);
    }

    /**
     * What a table says, row by row.
     *
     * @return array{list<array<string, mixed>>, list<string>} attributes of supplies, or everything that is wrong, with row and column
     */
    public static function read(string $text, SupplyKind $kind): array
    {
        return Table::read(
            $text,
            fn(array $columns): ?string           => in_array('name', $columns, true) ? null : Words::say('asked.table.no-name'),
            fn(array $columns, array $row): array => self::row($columns, $row, $kind),
        );
    }

    /**
     * @param array<string, mixed> $document
     *
     * @throws PlanRefused where a piece could not be made with it
     */
    public static function check(array $document, SupplyKind $kind): void
    {
        PlanFile::sound(self::example($document, $kind));
    }

    /**
     * A whole plan file with this in its place, so that it is judged by what every plan file is.
     *
     * @param array<string, mixed> $document
     *
     * @return array<string, mixed>
     */
    public static function example(array $document, SupplyKind $kind): array
    {
        $piece = Starters::piece('Shelf', 'deep', '2026-01-01T08:00');
        $identity = ['id' => 'it', 'name' => 'it'];

        return match ($kind) {
            SupplyKind::Resin  => ['resins' => [$identity + $document]] + $piece,
            SupplyKind::Colour => ['colours' => [$identity + $document]] + $piece,
            SupplyKind::Sealer => $document === [] ? $piece : ['sealing' => $document] + $piece,
            SupplyKind::Device => $document === [] ? $piece : ['studio' => $document] + $piece,
            SupplyKind::Consumable, SupplyKind::Thing => $piece,
        };
    }

    /**
     * @param list<string> $columns
     * @param list<string> $row
     *
     * @return array{array<string, mixed>, list<array{string, string}>} attributes, and columns with what is wrong in them
     */
    private static function row(array $columns, array $row, SupplyKind $kind): array
    {
        [$attributes, $document, $wrong] = [['kind' => $kind], [], []];
        foreach ($columns as $n => $column) {
            $cell = $row[$n] ?? '';
            if ($cell === '' || $column === '') {
                continue;
            }
            if (!in_array($column, Supply::PLAIN, true)) {
                $document = Document::with(
                    $document,
                    implode('', array_map(Pointer::step(...), explode('.', $column))),
                    self::value($cell),
                );
                continue;
            }
            $problem = self::problem($column, $cell);
            $wrong = $problem === null ? $wrong : [...$wrong, [$column, $problem]];
            $attributes[$column] = in_array($column, Supply::NUMBERS, true) ? (float) $cell : $cell;
        }
        if (!isset($attributes['name'])) {
            $wrong[] = ['name', __('asked.table.nameless')];
        }
        try {
            self::check($document, $kind);
        } catch (PlanRefused $refusal) {
            foreach ($refusal->problems as $problem) {
                $column = str_replace('/', '.', Str::after($problem->pointer, ($kind->part() ?? '') . '/'));
                $wrong[] = [$column, Words::metric()->finding($problem)];
            }
        }

        return [$attributes + ['document' => $document], $wrong];
    }

    private static function problem(string $column, string $cell): ?string
    {
        if (in_array($column, Supply::NUMBERS, true)) {
            $most = $column === 'keeps_months' ? Limits::MONTHS : Limits::AMOUNT;

            return preg_match('/^\d{1,9}(\.\d{1,6})?$/', $cell) === 1 && (float) $cell <= $most
                ? null
                : Words::say('asked.table.number', ['cell' => Str::limit($cell, 30)]);
        }
        if ($column === 'bought_on') {
            $date = preg_match('/^\d{4}-\d\d-\d\d$/D', $cell) === 1 ? DateTimeImmutable::createFromFormat('!Y-m-d', $cell) : false;

            return $date !== false
                && $date->format('Y-m-d') === $cell
                ? null
                : Words::say('asked.table.day', ['cell' => Str::limit($cell, 30)]);
        }

        $most = ['lot' => Limits::LOT, 'origin' => Limits::LINE][$column] ?? Limits::NAME;

        return mb_strlen($cell) <= $most ? null : Words::asked('table')['length'];
    }

    /**
     * @param array<array-key, mixed> $document
     *
     * @return array<string, string>
     */
    private static function flat(array $document, string $before = ''): array
    {
        $flat = [];
        foreach ($document as $key => $value) {
            if ($before === '' && isset(self::ELSEWHERE[$key])) {
                continue;
            }
            $flat += is_array($value) ? self::flat($value, "{$before}{$key}.") : ["{$before}{$key}" => self::text($value)];
        }

        return $flat;
    }

    private static function value(string $cell): int|float|string|bool
    {
        return match (true) {
            $cell === 'true'  => true,
            $cell === 'false' => false,
            is_numeric($cell) => $cell + 0,
            default           => $cell,
        };
    }

    private static function text(mixed $value): string
    {
        return match (true) {
            is_bool($value)   => $value ? 'true' : 'false',
            is_scalar($value) => (string) $value,
            default           => '',
        };
    }
}

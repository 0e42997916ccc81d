<?php

declare(strict_types=1);

namespace App\Interchange\Shelf;

use App\Models\Order;
use App\Words\Words;
use Closure;

/** Orders as a table: one row each, the same columns out and in. A row with the number of an order is that order. */
final class OrderSheet
{
    private const COLUMNS = ['id', ...Order::PLAIN];

    /** @param iterable<Order> $orders */
    public static function write(iterable $orders): string
    {
        $table = [self::COLUMNS];
        foreach ($orders as $order) {
            $table[] = [(string) $order->id, ...array_values($order->plain())];
        }

        return Csv::write($table);
    }

    /**
     * @param Closure(array<string, string>): list<array{string, string}> $wrong columns of a row with what is wrong in them
     *
     * @return array{list<array<string, string>>, list<string>} what each row says, or everything that is wrong, with row and column
     */
    public static function read(string $text, Closure $wrong): array
    {
        return Table::read(
            $text,
            fn(array $columns): ?string => array_diff($columns, self::COLUMNS) === [] && in_array('wanted', $columns, true)
                ? null : Words::say('asked.order.columns', ['columns' => implode(', ', self::COLUMNS)]),
            function (array $columns, array $row) use ($wrong): array {
                $said = [];
                foreach ($columns as $i => $column) {
                    $said[$column] = $row[$i] ?? '';
                }

                return [$said, $wrong($said)];
            },
        );
    }
}

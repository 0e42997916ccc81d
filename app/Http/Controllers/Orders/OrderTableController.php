<?php

declare(strict_types=1);

namespace App\Http\Controllers\Orders;

use App\Http\Controllers\Controller;
use App\Http\Requests\EditOrder;
use App\Http\Requests\UploadTable;
use App\Interchange\Shelf\OrderSheet;
use App\Models\Order;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Validator;

/** Orders as a table, out and in. */
final class OrderTableController extends Controller
{
    public function show(): Response
    {
        $orders = $this->studio()->orders()->orderBy('id')->limit(Order::MOST)->get();

        return self::away(OrderSheet::write($orders), 'text/csv; charset=utf-8', 'orders.csv');
    }

    /** All rows, or none. */
    public function store(UploadTable $request): RedirectResponse
    {
        [$rows, $problems] = OrderSheet::read($request->text(), function (array $row): array {
            $found = Validator::make($row, EditOrder::limits(), Words::asked('order'))->errors();

            return array_values(array_map(fn(string $column): array => [$column, $found->first($column)], $found->keys()));
        });
        $known = $this->studio()->orders()->findMany(array_column($rows, 'id'))->keyBy('id');
        $new = array_filter($rows, fn(array $row): bool => !$known->has((int) ($row['id'] ?? 0)));
        if ($problems === [] && $this->studio()->orders()->count() + count($new) > Order::MOST) {
            $problems = [__('asked.order.most', ['most' => Order::MOST])];
        }
        if ($problems !== []) {
            return redirect()->route('orders')->withErrors(['table' => $problems]);
        }
        DB::transaction(function () use ($rows, $known): void {
            foreach ($rows as $row) {
                $order = $known->get((int) ($row['id'] ?? 0)) ?? $this->studio()->orders()->make();
                $order->fill(EditOrder::kept(array_diff_key($row, ['id' => 1])))->save();
            }
        });

        return redirect()->route('orders')->with('said', trans_choice('said.rows-read', count($rows)));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shelf;

use App\Http\Controllers\Controller;
use App\Http\Requests\UploadTable;
use App\Interchange\Shelf\SupplySheet;
use App\Models\Supply;
use App\Models\SupplyKind;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** Things on the shelf as a table to take away and to bring back. */
final class SupplyTableController extends Controller
{
    public function show(SupplyKind $kind): Response
    {
        $supplies = $this->studio()->supplies()->where('kind', $kind)->orderBy('name')->orderBy('id')->limit(Supply::MOST);

        return self::away(SupplySheet::write($supplies->get()), 'text/csv; charset=utf-8', "{$kind->value}.csv");
    }

    /** A row of a name and lot that are on the shelf already takes its place; all rows or none. */
    public function store(UploadTable $request, SupplyKind $kind): RedirectResponse
    {
        [$rows, $problems] = SupplySheet::read($request->text(), $kind);
        if ($problems !== []) {
            return redirect()->route('supplies', $kind)->withErrors(['table' => $problems]);
        }
        $fits = DB::transaction(function () use ($rows, $kind): bool {
            $supplies = $this->studio()->supplies();
            $there = [];
            foreach ($supplies->where('kind', $kind)->get() as $supply) {
                $there["{$supply->name}\n{$supply->lot}"] = $supply;
            }
            $new = array_filter($rows, fn(array $row): bool => !isset($there[self::key($row)]));
            if ($this->studio()->supplies()->count() + count($new) > Supply::MOST) {
                return false;
            }
            foreach ($rows as $row) {
                $supply = $there[self::key($row)] ?? $this->studio()->supplies()->make(['lot' => '', ...$row]);
                $supply->fill($row)->save();
                $there[self::key($row)] = $supply;
            }

            return true;
        });
        if (!$fits) {
            return redirect()->route('supplies', $kind)->withErrors(['table' => __('asked.supply.most', ['most' => Supply::MOST])]);
        }

        return redirect()->route('supplies', $kind)->with('said', trans_choice('said.rows-read', count($rows)));
    }

    /** @param array<string, mixed> $row */
    private static function key(array $row): string
    {
        [$name, $lot] = [$row['name'] ?? '', $row['lot'] ?? ''];

        return (is_string($name) ? $name : '') . "\n" . (is_string($lot) ? $lot : '');
    }
}

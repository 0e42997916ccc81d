<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\UploadTable;
use App\Interchange\Shelf\SupplySheet;
use App\Models\SupplyKind;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** Things on the shelf as a table to take away and to bring back. */
final class SupplyTableController extends Controller
{
    private const MOST = 2000;

    public function show(SupplyKind $kind): Response
    {
        $supplies = $this->studio()->supplies()->where('kind', $kind)->orderBy('name')->orderBy('id')->limit(self::MOST);
        $table = SupplySheet::write($supplies->get());

        return response($table)->header('Content-Type', 'text/csv; charset=utf-8')->header(
            'Content-Disposition',
            "attachment; filename=\"{$kind->value}.csv\"",
        );
    }

    /** A row of a name and lot that are on the shelf already takes its place; all rows or none. */
    public function store(UploadTable $request, SupplyKind $kind): RedirectResponse
    {
        [$rows, $problems] = SupplySheet::read($request->text(), $kind);
        if ($problems !== []) {
            return redirect()->route('supplies', $kind)->withErrors(['table' => $problems]);
        }
        DB::transaction(function () use ($rows, $kind): void {
            foreach ($rows as $row) {
                $this->studio()->supplies()->updateOrCreate(['kind' => $kind, 'name' => $row['name'], 'lot' => $row['lot'] ?? ''], $row);
            }
        });

        return redirect()->route('supplies', $kind)->with('said', trans_choice('said.rows-read', count($rows)));
    }
}

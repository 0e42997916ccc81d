<?php

declare(strict_types=1);

namespace App\Http\Controllers\Orders;

use App\Http\Controllers\Controller;
use App\Interchange\Shelf\Beginning;
use App\Models\Order;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;
use Pensilis\PlanFile\Document;

/** The piece that is begun for an order: called as it is wanted, due when it is. */
final class OrderedPieceController extends Controller
{
    /** When a day is over at a bench. */
    private const EVENING = 'T18:00';

    public function store(Order $order): RedirectResponse
    {
        if ($order->piece !== null) {
            return self::to($order->piece);
        }
        $resins = $this->studio()->resins();
        $resin = $this->studio()->defaults['resin'] ?? 'deep';
        $resin = $resins[is_string($resin) ? $resin : 'deep'] ?? $resins['deep'];
        $document = Beginning::of($this->studio(), $order->wanted, $resin);
        if ($order->due !== null) {
            $document = Document::with($document, '/purpose/due', $order->due->format('Y-m-d') . self::EVENING);
        }
        $piece = $this->studio()->pieces()->make()->hold($document);
        DB::transaction(function () use ($piece, $order): void {
            $piece->save();
            $order->update(['piece_id' => $piece->id]);
        });

        return self::to($piece);
    }
}

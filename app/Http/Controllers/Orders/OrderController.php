<?php

declare(strict_types=1);

namespace App\Http\Controllers\Orders;

use App\Http\Controllers\Controller;
use App\Http\Requests\EditOrder;
use App\Models\Order;
use App\Models\OrderStage;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\View\View;

/** Requests and orders: what is wanted, until when, for how much. */
final class OrderController extends Controller
{
    public function index(Request $request): View
    {
        [$words, $only] = [trim(self::said($request, 'q')), self::said($request, 'only')];
        $stages = $only === '' ? OrderStage::open() : array_filter([OrderStage::tryFrom($only)]);

        return view('orders.index', [
            'orders' => $this->studio()->orders()->with('piece:id,title')
                ->when($only !== 'all', fn(Builder $some) => $some->whereIn('stage', $stages))
                ->when($words !== '', self::holding("wanted || ' ' || whom || ' ' || note", $words))
                ->orderByRaw('due is null')->orderBy('due')->orderBy('id')->paginate(25)->withQueryString(),
            'now'    => $this->studio()->now(),
            'pieces' => $this->studio()->pieces()->latest('updated_at')->limit(100)->get(['id', 'title']),
            'q'      => $words,
            'only'   => $only,
        ]);
    }

    public function store(EditOrder $request): RedirectResponse
    {
        if ($this->studio()->orders()->count() >= Order::MOST) {
            return redirect()->route('orders')->withErrors(['wanted' => __('asked.order.most', ['most' => Order::MOST])]);
        }
        $order = $this->studio()->orders()->make();
        $order->fill($request->attributesFor($order))->save();

        return redirect()->route('orders')->with('said', __('said.order-kept', ['wanted' => $order->wanted]));
    }

    public function update(EditOrder $request, Order $order): RedirectResponse
    {
        DB::transaction(fn(): bool => $order->refresh()->fill($request->attributesFor($order))->save());
        $only = self::said($request, 'only');

        return redirect()->route('orders', $only === '' ? [] : ['only' => $only])
            ->with('said', __('said.order-kept', ['wanted' => $order->wanted]));
    }

    public function destroy(Order $order): RedirectResponse
    {
        $order->delete();

        return redirect()->route('orders')->with('gone', ['id' => $order->id, 'name' => $order->wanted]);
    }

    public function restore(Order $goneOrder): RedirectResponse
    {
        $goneOrder->restore();

        return redirect()->route('orders')->with('said', __('said.order-back', ['wanted' => $goneOrder->wanted]));
    }
}

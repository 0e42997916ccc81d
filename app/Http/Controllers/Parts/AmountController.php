<?php

declare(strict_types=1);

namespace App\Http\Controllers\Parts;

use App\Http\Controllers\Controller;
use App\Http\Requests\Asked;
use App\Models\Piece;
use App\Words\Figures;
use App\Words\Limits;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Pensilis\Layout\Amount;
use Pensilis\PlanFile\Document;
use Pensilis\Quantity\Volume;

/** Begins from what there is: how full an amount of mix makes the vessel, or how much it covers where no dam holds it. */
final class AmountController extends Controller
{
    public function update(Request $request, Piece $piece): RedirectResponse
    {
        $request->validate(['amount' => ['required', 'string', 'max:' . Limits::QUANTITY]], Words::asked('amount'));
        [$units, $plan] = [$this->studio()->units, $piece->plan()];
        $volume = 1e-6 * Asked::quantity('amount', $units, fn(): float => Volume::parse(self::said($request, 'amount'), $units)->ml());
        if ($volume <= 0.0) {
            throw ValidationException::withMessages(['amount' => __('asked.amount.nothing')]);
        }
        $figures = new Figures($units, $plan->studio->clock);
        $said = ['amount' => $figures->volume(1e6 * $volume)];
        if ($plan->setup->film !== null) {
            $area = Amount::area($volume, $plan->setup->film);

            return self::to($piece)->with('selects', 'vessel')->with('said', __('said.amount-covers', $said + [
                'area'  => $figures->area($area), 'film' => $figures->length($plan->setup->film),
                'coats' => round($area / $plan->vessel->shape->sectionAt(0.0)->area(), 1),
            ]));
        }
        $level = (new Amount($plan))->level($volume);
        $piece->change(
            fn(array $document): array => Document::with($document, '/vessel/fill_mm', round(1e3 * $level, 2)),
            self::said($request, 'of'),
        );

        return self::to($piece)->with('selects', 'vessel')
            ->with('said', __('said.amount-fills', $said + ['level' => $figures->length($level)]));
    }
}

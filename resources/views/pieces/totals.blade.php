@php([$layout, $figures, $pieces] = [$view->layout, $view->figures, $view->plan->setup->pieces])
<div id="totals" @if($oob ?? false) hx-swap-oob="true" @endif>
    @if($layout === null)
        <p>{{ __('piece.pours.none') }}</p>
    @else
        @if($pieces > 1)
            <p>
                {{ __('piece.pours.shared', ['pieces' => $pieces, 'volumes' => implode(', ', array_map(fn($pour,
                    $k) => __('piece.pours.volume', ['number' => $k + 1, 'volume' => $figures->volume(1e6 * $pour->volume)]),
                    $layout->pours, array_keys($layout->pours)))]) }}
            </p>
        @endif
        @foreach($view->plan->setup->compartments as $one)
            <p>
                {{ __($pieces > 1 ? 'piece.pours.compartment-each' : 'piece.pours.compartment', ['name' => $one->name,
                    'volume' => $figures->volume(1e6 * $one->net())]) }}
            </p>
        @endforeach
        <p class="quiet">
            {{ __('piece.pours.readings', ['device' => $view->words->inside($view->plan->studio->device->fact()),
                'loss' => $figures->grams($view->plan->studio->lossGrams)]) }}
        </p>
        @foreach([...$view->totals()->finished(), ...$view->totals()->stock()] as $line)<p class="quiet">{{ $line }}</p>@endforeach
    @endif
</div>

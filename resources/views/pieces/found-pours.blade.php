<div id="found-pours" @if($oob ?? false) hx-swap-oob="true" @endif>
    @if(!$view->isGiven())
        @foreach(array_keys($view->layout->pours ?? []) as $k)
            <x-panel of="pour-{{ $k }}" :title="__('piece.Pour', ['number' => $k + 1])" up="pours">
                @include('pieces.pour-figures', ['oob' => false])
                @php($pour = $view->layout->pours[$k])
                @if($view->pours()->isPinned($k))
                    <p class="quiet">
                        {{ __('piece.pours.pinned', ['from' => $view->figures->length($pour->bottom),
                            'to' => $view->figures->length($pour->top)]) }}
                    </p>
                @else
                    <p class="quiet">{{ __('piece.pours.found') }}</p>
                    <x-act :to="route('pieces.pins.store', $view->piece, false)" once :saw="$view->piece" class="d-inline">
                        <input type="hidden" name="from_mm" value="{{ round(1e3 * $pour->bottom, 3) }}">
                        <input type="hidden" name="to_mm" value="{{ round(1e3 * $pour->top, 3) }}">
                        <button class="btn btn-sm btn-outline-primary">{{ __('piece.pours.pin') }}</button>
                    </x-act>
                @endif
                @include('pieces.edit-pours')
            </x-panel>
        @endforeach
    @endif
</div>

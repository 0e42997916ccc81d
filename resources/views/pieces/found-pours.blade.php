<div id="found-pours" @if($oob ?? false) hx-swap-oob="true" @endif>
    @if(!$view->isGiven())
        @foreach(array_keys($view->layout->pours ?? []) as $k)
            <x-panel of="pour-{{ $k }}" :title="__('piece.Pour', ['number' => $k + 1])" up="pours">
                @include('pieces.pour-figures', ['oob' => false])
                <p class="quiet">{{ __('piece.pours.found') }}</p>
                @include('pieces.edit-pours')
            </x-panel>
        @endforeach
    @endif
</div>

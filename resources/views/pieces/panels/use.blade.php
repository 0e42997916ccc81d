<x-panel of="use" :title="__('piece.purpose.head')" :shown="$view->plan->inclusions === []">
    <div class="fields"><x-inputs :view="$form->texts" :fields="[...$form->fields->piece(), ...$form->fields->purpose()]"/></div>
    <p class="quiet">
        {{ __('piece.purpose.note') }} {{ App\Words\Words::choice($view->plan->purpose->service, 'caution') }}
            {{ __('piece.purpose.sealed', ['sealer' => App\Words\Words::choice($view->plan->sealer),
                'reason' => App\Words\Words::choice($view->plan->sealer, 'sealer-reason')]) }}
    </p>
    <h3>{{ __('piece.fittings.head') }}</h3>
    @if($view->plan->purpose->fittings !== [])
        <ul class="list">
            @foreach($view->plan->purpose->fittings as $i => $fitting)
                <li>
                    <a href="#fitting-{{ $i }}">{{ $view->vessel()->fitting($i) }}</a>
                    <span class="quiet">{{ $view->figures->place($fitting->x, $fitting->y) }}</span>
                </li>
            @endforeach
        </ul>
    @endif
    <x-act :to="route('pieces.fittings.store', $view->piece, false)" once :saw="$view->piece" class="inline">
        @foreach(App\Interchange\PlanFile\Fittings::WAYS as $way)
            <button class="btn btn-sm btn-outline-primary" name="way" value="{{ $way }}">{{ __("piece.fittings.ways.{$way}") }}</button>
        @endforeach
    </x-act>
    <p class="quiet">{{ __('piece.fittings.note') }}</p>
</x-panel>
@foreach($view->plan->purpose->fittings as $i => $fitting)
    <x-panel of="fitting-{{ $i }}" :title="$view->vessel()->fitting($i)" up="use">
        <div class="fields"><x-inputs :view="$form->texts" :fields="$form->fields->fitting($i)"/></div>
        <p class="quiet">{{ __('piece.fittings.free') }} {{ $view->vessel()->chain($i) }}</p>
        <x-act :to="route('pieces.fittings.destroy', $view->piece, false)" method="delete" :saw="$view->piece">
            <input type="hidden" name="fitting" value="{{ $i }}">
            <button class="plain">{{ __('piece.fittings.remove') }}</button>
        </x-act>
    </x-panel>
@endforeach

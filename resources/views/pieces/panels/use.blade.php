<x-panel of="use" :title="__('piece.purpose.head')" :shown="$view->plan->inclusions === []">
    <div class="fields"><x-inputs :view="$form" :fields="[...$form->fields->piece(), ...$form->fields->purpose()]"/></div>
    <p class="quiet">
        {{ __('piece.purpose.note') }} {{ App\Words\Words::choice($view->plan->purpose->service, 'caution') }}
            {{ __('piece.purpose.sealed', ['sealer' => App\Words\Words::choice($view->plan->sealer),
                'reason' => App\Words\Words::choice($view->plan->sealer, 'sealer-reason')]) }}
    </p>
    <h3>{{ __('piece.fittings.head') }}</h3>
    @foreach($form->fields->andOneMore('/purpose/fittings') as $i)
        @php($fitting = $view->plan->purpose->fittings[$i] ?? null)
        <x-more id="fitting-{{ $i }}" :view="$form" :fields="$form->fields->fitting($i)" :says="$fitting === null ?
            __('piece.fittings.one-more') : __('piece.fittings.one', ['kind' => __('fields.choices.fitting.' . $fitting->kind),
            'radius' => $view->figures->length($fitting->radius)])"/>
    @endforeach
</x-panel>

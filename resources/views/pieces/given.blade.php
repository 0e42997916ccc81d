@if($view->isGiven())
    <section aria-labelledby="given" class="objects">
        <h2 id="given">{{ __('piece.pours.given') }}</h2>
        @foreach(array_keys($view->plan->pours) as $k)
            <fieldset class="fields">
                <legend>{{ __('piece.Pour', ['number' => $k + 1]) }}</legend>
                <x-inputs :view="$form" :fields="$form->fields->pour($k)"/>
            </fieldset>
        @endforeach
    </section>
@endif

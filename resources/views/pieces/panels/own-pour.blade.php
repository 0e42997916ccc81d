@php($coats = $form->fields->coats())
<x-panel of="pour-{{ $k }}" :title="__('piece.Pour', ['number' => $k + 1])" up="pours">
    <div class="fields"><x-inputs :view="$form" :fields="$form->fields->pour($k)"/></div>
    @if(isset($view->layout->pours[$k]))@include('pieces.pour-figures')@endif

    <x-act :to="route('pieces.pours.update', [$view->piece, $k], false)" method="patch" :saw="$view->piece" class="inline">
        @foreach(App\Interchange\PlanFile\PourShaping::WAYS as $way)
            @if($way === 'split' || ($way === 'join' ? $k + 1 : 1) < count($view->plan->pours))
                <button class="btn btn-sm btn-outline-primary" name="way" value="{{ $way }}">{{ __("piece.pours.{$way}") }}</button>
            @endif
        @endforeach
    </x-act>

    <h3>{{ __('piece.colours.head') }}</h3>
    <div class="fields"><x-inputs :view="$form" :fields="$coats->ground($k)"/></div>
    @foreach($coats->zones($k) as $z)
        <div class="fields zone" id="region-{{ $k }}-{{ $z }}"><x-inputs :view="$form" :fields="$coats->zone($k, $z)"/></div>
    @endforeach
    <div class="fields"><x-inputs :view="$form" :fields="$coats->moreZones($k)"/></div>
    <p class="quiet">{{ __('piece.colours.note', ['example' => App\Interchange\Form\FieldKind::Profile->example($view->system)]) }}</p>
    <x-more id="pour-{{ $k }}-applied" :says="__('piece.colours.applied')" :view="$form" :fields="$coats->applied($k)"/>
    <x-more id="pour-{{ $k }}-recipes" :says="__('piece.colours.recipes')">
        @if($k > 0)
            <x-act :to="route('pieces.recipes.update', [$view->piece, $k], false)" method="put" :saw="$view->piece">
                <button class="btn btn-sm btn-outline-primary" name="from"
                    value="pour-{{ $k - 1 }}">{{ __('piece.colours.as', ['number' => $k]) }}</button>
            </x-act>
        @endif
        @if($view->plan->pours[$k]->coat->isColoured())
            <x-act :to="route('recipes.store', [$view->piece, $k], false)" once class="inline">
                <label for="recipe-{{ $k }}">{{ __('piece.colours.keep-as') }}</label>
                <input class="form-control form-control-sm" id="recipe-{{ $k }}" name="name" required
                    maxlength="{{ App\Words\Limits::NAME }}" placeholder="{{ __('piece.colours.example') }}">
                <button class="btn btn-sm btn-outline-primary">{{ __('piece.colours.keep') }}</button>
            </x-act>
        @endif
        @if($recipes->isNotEmpty())
            <x-act :to="route('pieces.recipes.update', [$view->piece, $k], false)" method="put" :saw="$view->piece" class="inline">
                <label for="from-{{ $k }}">{{ __('piece.colours.take') }}</label>
                <select class="form-select form-select-sm" id="from-{{ $k }}" name="from">
                    @foreach($recipes as $recipe)<option value="{{ $recipe->id }}">{{ $recipe->name }}</option>@endforeach
                </select>
                <button class="btn btn-sm btn-outline-primary">{{ __('piece.colours.take-it') }}</button>
            </x-act>
        @endif
    </x-more>
</x-panel>

@php($coats = $form->fields->coats())
<x-panel of="pour-{{ $k }}" :title="__('piece.Pour', ['number' => $k + 1])" up="pours">
    <div class="fields"><x-inputs :view="$form->texts" :fields="$form->fields->pour($k)"/></div>
    @if(isset($view->layout->pours[$k]))@include('pieces.pour-figures')@endif

    <div class="fields"><x-inputs :view="$form->texts" :fields="$coats->ground($k)"/></div>
    @if($coats->zones($k) !== [])
        <ul class="list">
            @foreach($coats->zones($k) as $z)
                <li>
                    <a href="#region-{{ $k }}-{{ $z }}">{{ $view->pours()->region($k, $z) }}</a>
                    <span class="quiet" id="region-says-{{ $k }}-{{ $z }}">{{ $view->pours()->regionSays($k, $z) }}</span>
                </li>
            @endforeach
        </ul>
    @endif
    <x-more id="pour-{{ $k }}-shape" :says="__('piece.pours.shape')">
        <x-act :to="route('pieces.pours.update', [$view->piece, $k], false)" method="patch" :saw="$view->piece" class="inline">
            @foreach(App\Interchange\PlanFile\PourShaping::waysOf($view->plan->pours, $k) as $way)
                <button class="btn btn-sm btn-outline-primary" name="way" value="{{ $way }}">{{ __("piece.pours.{$way}") }}</button>
            @endforeach
        </x-act>
    </x-more>
    <x-more id="pour-{{ $k }}-regions" :says="__('piece.regions.typed')" :view="$form->texts" :fields="$coats->moreZones($k)"/>
    <x-more id="pour-{{ $k }}-applied" :says="__('piece.colours.applied')" :view="$form->texts" :fields="$coats->applied($k)"/>
    <x-more id="pour-{{ $k }}-lettering" :says="__('piece.colours.lettering.head')">@include('pieces.panels.lettering')</x-more>
    <x-more id="pour-{{ $k }}-recipes" :says="__('piece.colours.recipes')">
        @if($k > 0)
            <x-act :to="route('pieces.recipes.update', [$view->piece, $k], false)" method="put" :saw="$view->piece">
                <button class="btn btn-sm btn-outline-primary" name="recipe"
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
                <select class="form-select form-select-sm" id="from-{{ $k }}" name="recipe">
                    @foreach($recipes as $recipe)<option value="{{ $recipe->id }}">{{ $recipe->name }}</option>@endforeach
                </select>
                <button class="btn btn-sm btn-outline-primary">{{ __('piece.colours.take-it') }}</button>
            </x-act>
        @endif
    </x-more>
</x-panel>

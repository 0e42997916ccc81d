{{-- What is done with the coat that is selected, or the region of it; which one is chosen by hand only where there is no script. --}}
@php($parts = $view->pours()->parts())
<div id="coat-doings" class="panel-more">
    <h3>{{ __('piece.colours.head') }}</h3>
    <x-act :to="route('pieces.regions.update', $view->piece, false)" method="patch" :saw="$view->piece" class="swatches">
        <x-which-part :parts="$parts" id="part-colour"/>
        @foreach($view->pours()->swatches($palette) as $key => $colour)
            <button name="colour" value="{{ $key }}" class="pot" title="{{ $colour['name'] }}" aria-label="{{ __('piece.colours.give',
                ['colour' => $colour['name']]) }}">
                <svg viewBox="0 0 20 20" aria-hidden="true"><rect width="20" height="20" fill="{{ $colour['shade'] }}"/></svg>
            </button>
        @endforeach
        <button name="colour" value="" class="btn btn-sm btn-outline-primary">{{ __('piece.colours.none') }}</button>
    </x-act>
    <p class="quiet">{{ __('piece.colours.note') }}</p>
    <h3>{{ __('piece.regions.head') }}</h3>
    <x-act :to="route('pieces.regions.store', $view->piece, false)" once :saw="$view->piece" class="tools with-script" data-draws>
        <x-which-part :parts="$parts" id="part-drawn"/>
        <input type="hidden" name="way" value="draw">
        <input type="hidden" name="shape">
        <input type="hidden" name="points">
        <span class="quiet">{{ __('piece.regions.draw') }}</span>
        @foreach(App\Interchange\Form\CoatFields::SIZES as $shape => $sizes)
            <button type="button" class="btn btn-sm btn-outline-primary" data-tool="{{ $shape }}" aria-pressed="false"
                data-how="{{ __("piece.regions.how.{$shape}") }}">{{ __("piece.regions.tools.{$shape}") }}</button>
        @endforeach
        <span class="quiet how" role="status"></span>
    </x-act>
    <x-act :to="route('pieces.regions.store', $view->piece, false)" once :saw="$view->piece" class="inline">
        <x-which-part :parts="$parts" id="part-divided"/>
        <label for="divide-times">{{ __('piece.regions.divide') }}</label>
        <input class="form-control form-control-sm number" id="divide-times" name="times" type="number" min="2"
            max="{{ App\Interchange\Form\RegionShaping::MOST }}" value="3" required>
        @foreach(App\Interchange\Form\RegionShaping::EVEN as $way)
            <button class="btn btn-sm btn-outline-primary" name="way" value="{{ $way }}">{{ __("piece.regions.{$way}") }}</button>
        @endforeach
    </x-act>
    <div class="of-region">
        <x-act :to="route('pieces.regions.store', $view->piece, false)" once :saw="$view->piece" class="inline">
            <x-which-part :parts="$parts" id="part-repeated"/>
            <label for="region-times">{{ __('piece.regions.repeat') }}</label>
            <input class="form-control form-control-sm number" id="region-times" name="times" type="number" min="2"
                max="{{ App\Interchange\Form\RegionShaping::MOST }}" required>
            <button class="btn btn-sm btn-outline-primary" name="way" value="repeat">{{ __('piece.objects.repeat.press') }}</button>
        </x-act>
        <x-act :to="route('pieces.regions.destroy', $view->piece, false)" method="delete" :saw="$view->piece">
            <x-which-part :parts="$parts" id="part-removed"/>
            <button class="plain">{{ __('piece.regions.remove') }}</button>
        </x-act>
    </div>
</div>

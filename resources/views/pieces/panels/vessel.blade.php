<x-panel of="vessel" :title="__('piece.vessel.head')">
    <div class="fields"><x-inputs :view="$form->texts" :fields="$form->fields->vessel()->plain()"/></div>
    <p class="quiet" id="vessel-line">{{ $view->vessel()->holds() }}</p>
    <x-act :to="route('pieces.amount', $view->piece, false)" method="put" :saw="$view->piece" class="inline">
        <label for="amount">{{ __('piece.vessel.amount') }}</label>
        <input class="form-control form-control-sm number" id="amount" name="amount" required maxlength="{{ App\Words\Limits::QUANTITY }}"
            placeholder="{{ $view->figures->volume(120) }}">
        <button class="btn btn-sm btn-outline-primary">{{ __('piece.vessel.amount-press') }}</button>
    </x-act>
    <x-more id="vessel-more" :view="$form->texts" :fields="$form->fields->vessel()->more()"/>
    <x-more id="vessel-shapes" :says="__('piece.vessel.others')">
        <x-mesh-form :view="$view" id="mesh-vessel" :label="__('piece.vessel.mesh')"><input type="hidden" name="for"
            value="/vessel"></x-mesh-form>
        <x-act :to="route('pieces.outlines.store', $view->piece, false)" once files class="inline">
            <label for="drawing">{{ __('piece.vessel.outline', App\Words\Limits::said()) }}</label>
            <input class="form-control form-control-sm" id="drawing" name="drawing" type="file" accept=".svg,image/svg+xml" required>
            <button class="btn btn-sm btn-outline-primary">{{ __('piece.vessel.take') }}</button>
        </x-act>
        <x-act :to="route('pieces.holes.store', $view->piece, false)" once :saw="$view->piece" class="inline">
            <label for="hole-across">{{ __('piece.vessel.hole.head') }}</label>
            <input class="form-control form-control-sm number" id="hole-across" name="across" required
                maxlength="{{ App\Words\Limits::QUANTITY }}" placeholder="{{ $view->figures->length(0.008) }}">
            @foreach(['x', 'y'] as $key)
                <label for="hole-{{ $key }}">{{ __("piece.vessel.hole.{$key}") }}</label>
                <input class="form-control form-control-sm number" id="hole-{{ $key }}" name="{{ $key }}"
                    maxlength="{{ App\Words\Limits::QUANTITY }}" placeholder="0">
            @endforeach
            <button class="btn btn-sm btn-outline-primary">{{ __('piece.vessel.hole.press') }}</button>
        </x-act>
        <form method="post" action="{{ route('vessels.store', $view->piece, false) }}" class="inline">
            @csrf <x-once/>
            <label for="shelf-name">{{ __('piece.vessel.keep-as') }}</label>
            <input class="form-control form-control-sm" id="shelf-name" name="name" required maxlength="{{ App\Words\Limits::NAME }}"
                placeholder="{{ __('piece.vessel.example') }}">
            <button class="btn btn-sm btn-outline-primary">{{ __('piece.vessel.keep') }}</button>
        </form>
    </x-more>
</x-panel>

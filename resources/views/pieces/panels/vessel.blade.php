<x-panel of="vessel" :title="__('piece.vessel.head')">
    <div class="fields"><x-inputs :view="$form->texts" :fields="$form->fields->vessel()"/></div>
    <p class="quiet">{{ $view->vesselLine() }}</p>
    <x-more id="vessel-more" :view="$form->texts" :fields="$form->fields->vesselMore()"/>
    <x-more id="vessel-shapes" :says="__('piece.vessel.others')">
        <x-mesh-form :view="$view" id="mesh-vessel" :label="__('piece.vessel.mesh')"><input type="hidden" name="for"
            value="/vessel"></x-mesh-form>
        <x-act :to="route('pieces.outlines.store', $view->piece, false)" once files class="inline">
            <label for="drawing">{{ __('piece.vessel.outline', App\Words\Limits::said()) }}</label>
            <input class="form-control form-control-sm" id="drawing" name="drawing" type="file" accept=".svg,image/svg+xml" required>
            <button class="btn btn-sm btn-outline-primary">{{ __('piece.vessel.take') }}</button>
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

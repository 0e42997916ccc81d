<x-panel of="region-{{ $k }}-{{ $z }}" :title="Str::ucfirst($view->pours()->region($k, $z))" up="pour-{{ $k }}"
    :back="__('piece.Pour', ['number' => $k + 1])">
    <p class="figure" id="region-figures-{{ $k }}-{{ $z }}">{{ $view->pours()->regionSays($k, $z) }}</p>
    <div class="fields"><x-inputs :view="$form->texts" :fields="$form->fields->coats()->mixOf($k, $z)"/></div>
    <x-more id="region-{{ $k }}-{{ $z }}-sizes" :says="__('piece.regions.sizes')" :view="$form->texts"
        :fields="$form->fields->coats()->zoneSizes($k, $z)">
        <p class="quiet">{{ __('piece.regions.note', ['example' => App\Interchange\Form\FieldKind::Profile->example($view->system)]) }}</p>
    </x-more>
</x-panel>

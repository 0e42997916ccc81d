<x-panel of="object-{{ $i }}" :title="$inclusion->id" up="objects">
    <div class="fields"><x-inputs :view="$form" :fields="$form->fields->place($i)"/></div>
    <p id="figures-{{ $i }}" class="quiet">{{ $view->objects()->figures($inclusion) }}</p>
    <x-more id="object-{{ $i }}-more" :says="__('piece.objects.what')" :view="$form" :fields="$form->fields->nature($i)">
        <x-mesh-form :view="$view" :for="'/inclusions/' . $i" :label="__('piece.vessel.mesh-object', ['object' => $inclusion->id])"/>
    </x-more>
    <x-act :to="route('pieces.objects.destroy', $view->piece, false)" method="delete">
        <input type="hidden" name="object" value="{{ $inclusion->id }}">
        <button class="plain">{{ __('piece.objects.remove', ['object' => $inclusion->id]) }}</button>
    </x-act>
</x-panel>

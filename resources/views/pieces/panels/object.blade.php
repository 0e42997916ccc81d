<x-panel of="object-{{ $i }}" :title="$inclusion->id" up="objects">
    <div class="fields"><x-inputs :view="$form->texts" :fields="$form->fields->objects()->place($i)"/></div>
    <p id="figures-{{ $i }}" class="quiet">{{ $view->objects()->figures($inclusion) }}</p>
    <x-more id="object-{{ $i }}-more" :says="__('piece.objects.what')" :view="$form->texts"
        :fields="$form->fields->objects()->nature($i)"/>
</x-panel>

<x-panel of="object-{{ $i }}" :title="$inclusion->id" up="objects">
    <div class="fields"><x-inputs :view="$form->texts" :fields="$form->fields->objects()->place($i)"/></div>
    <p id="figures-{{ $i }}" class="quiet">{{ $view->objects()->figures($inclusion) }}</p>
    @if($form->isOpen($i))
        <x-more id="object-{{ $i }}-more" :says="__('piece.objects.what')" :view="$form->texts"
            :fields="$form->fields->objects()->nature($i)">
            @if($form->isLong)<input type="hidden" name="open[]" value="{{ $i }}" form="piece-form">@endif
        </x-more>
    @else
        <details class="more" id="object-{{ $i }}-more" hx-get="{{ $here }}/objects/{{ $i }}"
            hx-trigger="toggle once" hx-target="find .fields" hx-swap="innerHTML">
            <summary>{{ __('piece.objects.what') }}</summary>
            <div class="fields"><a href="{{ $here }}?open[]={{ $i }}#object-{{ $i }}">{{ __('piece.objects.open') }}</a></div>
        </details>
    @endif
</x-panel>

<article class="object-row" id="object-{{ $i }}">
    <h3>{{ $inclusion->id }}</h3>
    <div class="fields">
        <x-inputs :view="$form" :fields="$form->fields->place($i)"/>
    </div>
    <details>
        <summary>{{ __('piece.objects.what') }}</summary>
        <div class="fields">
            <x-inputs :view="$form" :fields="$form->fields->nature($i)"/>
        </div>
        <p id="figures-{{ $i }}" class="quiet">{{ $view->objects()->figures($inclusion) }}</p>
        <x-mesh-form :view="$view" :for="'/inclusions/' . $i" :label="__('piece.vessel.mesh-object', ['object' => $inclusion->id])"/>
        <form method="post" action="{{ route('pieces.objects.destroy', $view->piece, false) }}">
            @csrf @method('delete')
            <input type="hidden" name="object" value="{{ $inclusion->id }}">
            <button class="plain">{{ __('piece.objects.remove', ['object' => $inclusion->id]) }}</button>
        </form>
    </details>
</article>

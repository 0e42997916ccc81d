<article class="object-row" id="object-{{ $i }}">
    <h3>{{ $inclusion->id }}</h3>
    <div class="fields">
        @foreach($form->fields->place($i) as $field)<x-field :view="$form" :field="$field"/>@endforeach
    </div>
    <details>
        <summary>{{ __('piece.objects.what') }}</summary>
        <div class="fields">
            @foreach($form->fields->nature($i) as $field)<x-field :view="$form" :field="$field"/>@endforeach
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

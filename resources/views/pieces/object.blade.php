<article class="object-row" id="object-{{ $i }}">
    <h3>{{ $inclusion->id }}</h3>
    <div class="fields">
        @foreach($view->fields->place($i) as $field)<x-field :view="$view" :field="$field"/>@endforeach
    </div>
    <details>
        <summary>What it is</summary>
        <div class="fields">
            @foreach($view->fields->nature($i) as $field)<x-field :view="$view" :field="$field"/>@endforeach
        </div>
        <p class="quiet">
            {{ number_format($inclusion->envelope() * 1e6, 1) }} ml, {{ number_format($inclusion->bulkDensity() / 1e3, 2) }} g/cm³ as it goes in,
            {{ number_format($inclusion->releasableAir() * 1e6, 2) }} ml of air in open pores.
        </p>
        <x-mesh-form :view="$view" :for="'/inclusions/' . $i" :label="'Take a mesh for the shape of ' . $inclusion->id"/>
        <form method="post" action="{{ route('pieces.objects.destroy', [$view->piece, $i], false) }}">
            @csrf @method('delete')
            <button class="plain">Take {{ $inclusion->id }} out</button>
        </form>
    </details>
</article>

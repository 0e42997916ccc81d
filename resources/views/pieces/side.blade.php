<figure class="face">
    <figcaption>Side <span class="quiet">seen through the front, before {{ $view->plan->behind->words() }}</span></figcaption>
    <svg viewBox="0 0 {{ $side->section::WIDTH }} {{ $side->section->height }}" role="img" aria-label="What will be seen through the front">
        @foreach($side->paths() as $shade => $path)<path class="seen" fill="{{ $shade }}" d="{{ $path }}"/>@endforeach

        <polygon class="face-edge" points="{{ $side->section->whole() }}"/>
        @foreach($side->objects() as $object)
            @if($object['drawn']->points !== '')<polygon class="seen-object" fill="{{ $object['shade'] }}" points="{{ $object['drawn']->points }}"/>
            @elseif($object['drawn']->round)<ellipse class="seen-object" fill="{{ $object['shade'] }}" cx="{{ $object['drawn']->x }}" cy="{{ $object['drawn']->y }}" rx="{{ $object['drawn']->halfX }}" ry="{{ $object['drawn']->halfY }}"/>
            @else<rect class="seen-object" fill="{{ $object['shade'] }}" x="{{ $object['drawn']->x - $object['drawn']->halfX }}" y="{{ $object['drawn']->y - $object['drawn']->halfY }}" width="{{ 2 * $object['drawn']->halfX }}" height="{{ 2 * $object['drawn']->halfY }}"/>@endif
        @endforeach
    </svg>
</figure>

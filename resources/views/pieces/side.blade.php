<figure class="face">
    <figcaption>
        {{ __('piece.drawings.side') }} <span class="quiet">{{ __('piece.drawings.side-seen',
            ['behind' => App\Words\Words::choice($view->plan->behind)]) }}</span>
    </figcaption>
    <svg viewBox="0 0 {{ $side->section::WIDTH }} {{ $side->section->height }}" preserveAspectRatio="xMidYMin" role="img"
        aria-label="{{ __('piece.drawings.side-label') }}">
        @foreach($side->paths() as $shade => $path)<path class="seen" fill="{{ $shade }}" d="{{ $path }}"/>@endforeach

        <polygon class="face-edge" points="{{ $side->section->whole() }}"/>
        @foreach($side->objects() as $object)
            @if($object['drawn']->points !== '')<polygon class="seen-object" fill="{{ $object['shade'] }}"
                points="{{ $object['drawn']->points }}"/>
            @elseif($object['drawn']->round)<ellipse class="seen-object" fill="{{ $object['shade'] }}" cx="{{ $object['drawn']->x }}"
                cy="{{ $object['drawn']->y }}" rx="{{ $object['drawn']->halfX }}" ry="{{ $object['drawn']->halfY }}"/>
            @else<rect class="seen-object" fill="{{ $object['shade'] }}" x="{{ $object['drawn']->x - $object['drawn']->halfX }}"
                y="{{ $object['drawn']->y - $object['drawn']->halfY }}" width="{{ 2 * $object['drawn']->halfX }}"
                height="{{ 2 * $object['drawn']->halfY }}"/>@endif
        @endforeach
    </svg>
</figure>

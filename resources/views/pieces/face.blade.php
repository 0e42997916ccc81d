<figure class="face">
    <figcaption>
        {{ __('piece.drawings.face') }} <span class="quiet">{{ __('piece.drawings.before',
            ['seen' => __($face->fromFloor ? 'piece.drawings.swapped' : 'piece.drawings.straight'), 'behind' =>
            App\Words\Words::choice($view->plan->behind)]) }}</span>
    </figcaption>
    <svg viewBox="{{ -0.5 * $plan::WIDTH }} {{ -0.5 * $plan->height }} {{ $plan::WIDTH }} {{ $plan->height }}" 
        preserveAspectRatio="xMidYMin" role="img"
        aria-label="{{ __($face->fromFloor ? 'piece.drawings.face-floor' : 'piece.drawings.face-open') }}">
        @foreach($face->paths() as $shade => $path)<path class="seen" fill="{{ $shade }}" d="{{ $path }}"/>@endforeach

        <polygon class="face-edge" points="{{ $face->points($face->rim) }}"/>
        @foreach($face->objects() as $object)
            <polygon class="seen-object" points="{{ $object['points'] }}">
                <title>
                    {{ __('piece.drawings.contrast', ['object' => $object['name'], 'left' => $figures->percent($object['shows'])]) }}
                </title>
            </polygon>
        @endforeach
        @foreach($face->lettering() as $one)
            <text class="lettering" x="0" y="0" font-size="{{ $one['size'] }}" fill-opacity="{{ max(0.08, round($one['shows'], 2)) }}"
                transform="translate({{ $one['x'] }} {{ $one['y'] + 0.35 * $one['size'] }})@if($one['backward']) scale(-1 1)@endif">
                {{ $one['says'] }}
            </text>
        @endforeach
    </svg>
    @if($view->plan->inclusions !== [])<p class="quiet">{{ implode('; ', $face->depths($figures)) }}.</p>@endif
</figure>

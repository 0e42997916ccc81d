<figure class="face">
    <figcaption>Face <span class="quiet">seen from {{ $face->fromFloor ? 'the floor: left and right are swapped' : 'the open side' }}, before {{ $view->plan->behind->words() }}</span></figcaption>
    <svg viewBox="{{ -0.5 * $plan::WIDTH }} {{ -0.5 * $plan->height }} {{ $plan::WIDTH }} {{ $plan->height }}" role="img" aria-label="What will be seen from {{ $face->fromFloor ? 'the floor' : 'the open side' }}">
        @foreach($face->paths() as $shade => $path)<path class="seen" fill="{{ $shade }}" d="{{ $path }}"/>@endforeach

        <polygon class="face-edge" points="{{ $face->points($face->rim) }}"/>
        @foreach($face->objects() as $object)<polygon class="seen-object" points="{{ $object['points'] }}"><title>{{ $object['name'] }}: {{ round(100 * $object['shows']) }} % of its contrast is left</title></polygon>@endforeach
        @foreach($face->lettering() as $one)<text class="lettering" x="0" y="0" font-size="{{ $one['size'] }}" fill-opacity="{{ max(0.08, round($one['shows'], 2)) }}" transform="translate({{ $one['x'] }} {{ $one['y'] + 0.35 * $one['size'] }})@if($one['backward']) scale(-1 1)@endif">{{ $one['says'] }}</text>@endforeach
    </svg>
    @if($view->plan->inclusions !== [])<p class="quiet">{{ implode('; ', $face->depths($view->figures)) }}.</p>@endif
</figure>

<figure class="plan">
    <figcaption>
        {{ __('piece.drawings.plan') }} <span class="quiet">{{ __($turned ? 'piece.drawings.swapped' : 'piece.drawings.straight') }}</span>
    </figcaption>
    <svg viewBox="{{ -0.5 * $plan::WIDTH }} {{ -0.5 * $plan->height }} {{ $plan::WIDTH }} {{ $plan->height }}" 
        preserveAspectRatio="xMidYMin" data-drawing="plan"
        data-scale="{{ $plan->scale }}" data-stretch="1" data-degrees="0" data-turned="{{ $turned ? 1 : 0 }}" data-marks="" role="group"
        aria-label="{{ __('piece.drawings.plan-label') }}">
        <a class="part" href="#vessel" aria-label="{{ __('piece.vessel.head') }}">
            <x-cut class="mold" :section="$plan->rim" :plan="$plan" :beyond="$plan->wall()"/>
        </a>
        <x-cut class="glass glass-1" :section="$plan->rim" :plan="$plan"/>
        @if($plan->underlay() !== null)
            @php($under = $plan->underlay())
            <image class="underlay" href="{{ route('pieces.photograph.show', [$view->piece, 'of' => $plan->photographId()], false) }}"
                x="{{ $under['x'] }}" y="{{ $under['y'] }}" width="{{ $under['width'] }}" height="{{ $under['height'] }}"
                transform="scale({{ $under['flip'] }} 1)" preserveAspectRatio="none"/>
        @endif
        @if($drawings->shown !== null)
            <a class="part" href="#pour-{{ $drawings->shown }}" aria-label="{{ __('piece.drawings.regions',
                ['number' => $drawings->shown + 1]) }}">
                @foreach($plan->regions() as $shade => $path)<path class="region" fill="{{ $shade }}" d="{{ $path }}"/>@endforeach

            </a>
        @endif
        @foreach($plan->regionEdges() as [$x, $y, $toX, $toY])
            <line class="region-edge" x1="{{ $x }}" y1="{{ $y }}" x2="{{ $toX }}" y2="{{ $toY }}"/>
        @endforeach
        @foreach($plan->regionNames() as [$x, $y, $name])
            <text class="region-name" x="{{ $x }}" y="{{ $y + 4 }}">{{ $name }}</text>
        @endforeach

        @if($plan->isTapered())<x-cut class="floor-line" :section="$plan->floor()" :plan="$plan"/>@endif
        <path class="cross" d="M-8 0H8M0 -8V8"/>
        @foreach($plan->fittings() as $n => [$x, $y, $radius, $kind])
            <a class="part" href="#fitting-{{ $n }}">
                <circle class="fitting" cx="{{ $x }}" cy="{{ $y }}" r="{{ $radius }}"/>
                <text class="fitting-name" x="{{ $x }}" y="{{ $y + 4 }}">{{ $kind }}</text>
            </a>
        @endforeach
        @foreach($plan->objects() as $object)<x-drawn-object :object="$object" :most="$plan->rim->halfX * 1e3"/>@endforeach
    </svg>
</figure>

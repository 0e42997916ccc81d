<figure class="plan">
    <figcaption>
        {{ __('piece.drawings.plan') }} <span class="quiet">{{ __($turned ? 'piece.drawings.swapped' : 'piece.drawings.straight') }}</span>
    </figcaption>
    <svg viewBox="{{ -0.5 * $plan::WIDTH }} {{ -0.5 * $plan->height }} {{ $plan::WIDTH }} {{ $plan->height }}" 
        preserveAspectRatio="xMidYMin" data-drawing="plan"
        data-scale="{{ $plan->scale }}" data-stretch="1" data-degrees="0" data-turned="{{ $turned ? 1 : 0 }}" data-marks="" role="group"
        aria-label="{{ __('piece.drawings.plan-label') }}">
        <a class="part" id="plan-vessel" href="#vessel" aria-label="{{ __('piece.vessel.head') }}">
            <x-cut class="mold" :section="$plan->rim" :plan="$plan" :beyond="$plan->wall()"/>
        </a>
        <x-cut class="glass glass-1" :section="$plan->rim" :plan="$plan"/>
        @if($plan->underlay() !== null)
            @php($under = $plan->underlay())
            <image class="underlay" href="{{ route('pieces.photograph.show', [$view->piece, 'of' => $plan->photographId()], false) }}"
                x="{{ $under['x'] }}" y="{{ $under['y'] }}" width="{{ $under['width'] }}" height="{{ $under['height'] }}"
                transform="scale({{ $under['flip'] }} 1)" preserveAspectRatio="none"/>
        @endif
        @if($drawings->regions !== null)@include('pieces.regions', ['regions' => $drawings->regions])@endif

        @if($plan->isTapered())<x-cut class="floor-line" :section="$plan->floor()" :plan="$plan"/>@endif
        <path class="cross" d="M-8 0H8M0 -8V8"/>
        @foreach($plan->fittings() as $fitting)
            <a class="part" id="plan-fitting-{{ $fitting->index }}" href="#fitting-{{ $fitting->index }}"
                aria-label="{{ $fitting->says() }}" {{ $fitting->at() }}>
                <circle class="fitting-hit" cx="{{ $fitting->x }}" cy="{{ $fitting->y }}" r="{{ max(12, $fitting->radius) }}"/>
                <circle class="fitting" cx="{{ $fitting->x }}" cy="{{ $fitting->y }}" r="{{ $fitting->radius }}"/>
                <text class="fitting-name" x="{{ $fitting->x }}" y="{{ $fitting->y - max(12, $fitting->radius) - 3 }}">{{
                    $fitting->kind() }}</text>
            </a>
        @endforeach
        @php($objects = $plan->objects())
        @foreach($objects as $object)<x-drawn-object :object="$object" :most="$plan->rim->halfX * 1e3"/>@endforeach
        <x-object-names :objects="$objects" :labels="$plan->labels($objects, $drawings->regions)"/>
    </svg>
</figure>

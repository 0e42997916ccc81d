@php([$section, $plan] = [$view->section(), $view->planDrawing()])
<div class="gaze">
    <label for="gaze-from">Seen from</label>
    <input type="range" class="form-range" id="gaze-from" name="from" form="piece-form" min="0" max="345" step="15" value="{{ $view->gaze->degrees }}" aria-valuetext="{{ $view->gaze->degrees }}° round from the front">
    <output for="gaze-from">{{ $view->gaze->degrees === 0 ? 'the front' : $view->gaze->degrees . '° round' }}</output>
    <label><input type="checkbox" name="turned" value="1" form="piece-form" @checked($view->gaze->turned)> Turned over, as the floor will show it</label>
    @if(count($view->divided()) > 1)<label>Regions of <select class="form-select form-select-sm d-inline-block w-auto" name="coat" form="piece-form">@foreach($view->divided() as $k)<option value="{{ $k }}" @selected($view->shownCoat() === $view->layout()->pours[$k])>pour {{ $k + 1 }}</option>@endforeach</select></label>@endif

    <span class="zoom" hidden><button type="button" class="btn btn-sm btn-outline-primary" data-zoom="in" aria-label="Nearer">+</button><button type="button" class="btn btn-sm btn-outline-primary" data-zoom="out" aria-label="Farther">−</button></span>
</div>
<figure class="section">
    <figcaption>Section <span class="quiet">{{ $view->plan->vessel->fill < $view->plan->vessel->shape->height() - 1e-9 ? 'filled to ' . $view->figures->length($view->plan->vessel->fill) : 'filled to the rim' }}@if($section->stretch > 1), heights drawn × {{ $section->stretch }}@endif</span></figcaption>
    <svg viewBox="0 0 {{ $section::WIDTH }} {{ $section->height }}" data-drawing="section" data-scale="{{ $section->scale }}" data-stretch="{{ $section->stretch }}" data-degrees="{{ $view->gaze->degrees }}" data-turned="{{ $view->gaze->turned ? 1 : 0 }}" data-marks="{{ $section->marks() }}" role="group" aria-label="Section">
        @if($section->board() !== null && !$view->gaze->turned)
            @php([$x, $y, $width, $height] = $section->board())
            <rect class="board" x="{{ $x }}" y="{{ $y }}" width="{{ $width }}" height="{{ $height }}"/>
        @endif
        @if(!$view->gaze->turned)<polygon class="mold" points="{{ $section->outside() }}"/>@endif

        <polygon class="empty" points="{{ $section->whole() }}"/>
        @foreach($section->layers() as $layer)
            <polygon class="glass glass-{{ $layer['number'] % 2 }}" points="{{ $layer['points'] }}"/>
        @endforeach
        @foreach($section->colours() as $one)<rect class="coloured" x="{{ $one['x'] }}" y="{{ $one['y'] }}" width="{{ $one['width'] }}" height="{{ $one['height'] }}" fill="{{ $one['shade'] }}"/>@endforeach

        @foreach($section->layers() as $layer)
            <line class="edge" x1="{{ $layer['left'] }}" x2="{{ $layer['right'] }}" y1="{{ $layer['top'] }}" y2="{{ $layer['top'] }}"/>
            <text class="layer-name" x="{{ $layer['left'] + 6 }}" y="{{ $layer['middle'] + 4 }}">{{ $layer['number'] }}</text>
            <text class="level" x="{{ $section::WIDTH - 62 }}" y="{{ $layer['top'] + 4 }}">{{ $layer['label'] }}</text>
        @endforeach
        <g class="rule" aria-hidden="true">
            <line x1="44" x2="44" y1="{{ $section->y(0) }}" y2="{{ $section->y($view->plan->vessel->shape->height()) }}"/>
            @foreach($section->rule() as $tick)
                <line x1="{{ $tick['long'] ? 34 : 39 }}" x2="44" y1="{{ $tick['y'] }}" y2="{{ $tick['y'] }}"/>
                @if($tick['label'] !== '')<text x="31" y="{{ $tick['y'] + 4 }}">{{ $tick['label'] }}</text>@endif
            @endforeach
            <text class="unit" x="44" y="{{ $section->rim() - 12 }}">{{ $section->ruleUnit() }}</text>
        </g>
        @foreach($section->objects() as $object)
            @if($object->id !== '' && !$view->gaze->turned)<line class="plumb" x1="{{ $object->x }}" x2="{{ $object->x }}" y1="{{ $section->rim() - 16 }}" y2="{{ $object->y - $object->halfY }}"/>@endif

            <x-drawn-object :object="$object" vertical :most="$view->plan->vessel->fill * 1e3"/>
        @endforeach
    </svg>
</figure>
<figure class="plan">
    <figcaption>Plan <span class="quiet">{{ $view->gaze->turned ? 'seen from the floor: left and right are swapped' : 'seen from the open side' }}</span></figcaption>
    <svg viewBox="{{ -0.5 * $plan::WIDTH }} {{ -0.5 * $plan->height }} {{ $plan::WIDTH }} {{ $plan->height }}" data-drawing="plan" data-scale="{{ $plan->scale }}" data-stretch="1" data-degrees="0" data-turned="{{ $view->gaze->turned ? 1 : 0 }}" data-marks="" role="group" aria-label="Plan, to scale">
        <x-cut class="mold" :section="$plan->rim" :plan="$plan" :beyond="$plan->wall()"/>
        <x-cut class="glass glass-1" :section="$plan->rim" :plan="$plan"/>
        @if($plan->underlay() !== null)
            @php($under = $plan->underlay())
            <image class="underlay" href="{{ route('pieces.photograph.show', [$view->piece, 'of' => $plan->photographId()], false) }}" x="{{ $under['x'] }}" y="{{ $under['y'] }}" width="{{ $under['width'] }}" height="{{ $under['height'] }}" transform="scale({{ $under['flip'] }} 1)" preserveAspectRatio="none"/>
        @endif
        @foreach($plan->regions() as $shade => $path)<path class="region" fill="{{ $shade }}" d="{{ $path }}"/>@endforeach
        @foreach($plan->regionEdges() as [$x, $y, $toX, $toY])<line class="region-edge" x1="{{ $x }}" y1="{{ $y }}" x2="{{ $toX }}" y2="{{ $toY }}"/>@endforeach
        @foreach($plan->regionNames() as [$x, $y, $name])<text class="region-name" x="{{ $x }}" y="{{ $y + 4 }}">{{ $name }}</text>@endforeach

        @if($plan->isTapered())<x-cut class="floor-line" :section="$plan->floor()" :plan="$plan"/>@endif
        <path class="cross" d="M-8 0H8M0 -8V8"/>
        @foreach($plan->fittings() as [$x, $y, $radius, $kind])
            <circle class="fitting" cx="{{ $x }}" cy="{{ $y }}" r="{{ $radius }}"/>
            <text class="fitting-name" x="{{ $x }}" y="{{ $y + 4 }}">{{ $kind }}</text>
        @endforeach
        @foreach($plan->objects() as $object)<x-drawn-object :object="$object" :most="$plan->rim->halfX * 1e3"/>@endforeach
    </svg>
</figure>
@php([$face, $side] = [$view->face($plan), $view->side($section)])
@if($side !== null)
    @include('pieces.side')
@endif
@if($face !== null)
    @include('pieces.face')
@endif
<p class="quiet hint">Drag an object, or choose it and press the arrow keys: 1 mm, with Shift 10 mm. A dragged object snaps to set surfaces and whole 5 mm; with Alt it does not. Shift and a press, or the space bar, choose several.</p>

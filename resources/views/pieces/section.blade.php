@php([$layers, $tint] = [$section->layers(), $view->tint($section)])
<figure class="section">
    <figcaption>
        {{ __('piece.drawings.section') }} <span class="quiet">{{ $view->plan->vessel->fill < $view->plan->vessel->shape->height() - 1e-9 ?
            __('piece.drawings.filled-to', ['level' => $figures->length($view->plan->vessel->fill)]) : __('piece.drawings.filled')
            }}@if($section->stretch > 1), {{ __('piece.drawings.stretched', ['times' => $section->stretch]) }}@endif</span>
    </figcaption>
    <svg viewBox="0 0 {{ $section::WIDTH }} {{ $section->height }}" 
        preserveAspectRatio="xMidYMin" data-drawing="section" data-scale="{{ $section->scale }}"
        data-stretch="{{ $section->stretch }}" data-degrees="{{ $view->gaze->degrees }}" data-turned="{{ $turned ? 1 : 0 }}"
        data-marks="{{ $section->marks() }}" role="group" aria-label="{{ __('piece.drawings.section') }}">
        @if($section->board() !== null && !$turned)
            @php([$x, $y, $width, $height] = $section->board())
            <rect class="board" x="{{ $x }}" y="{{ $y }}" width="{{ $width }}" height="{{ $height }}"/>
        @endif
        @if(!$turned)
            <a class="part" id="section-vessel" href="#vessel" aria-label="{{ __('piece.vessel.head') }}"><polygon class="mold"
                points="{{ $section->outside() }}"/></a>
        @endif

        <polygon class="empty" points="{{ $section->whole() }}"/>
        @foreach($layers as $layer)
            <a class="part" id="section-pour-{{ $layer['number'] - 1 }}" href="#pour-{{ $layer['number'] - 1 }}"
                aria-label="{{ __('piece.Pour', ['number' => $layer['number']]) }}">
                <polygon class="glass glass-{{ $layer['number'] % 2 }}" points="{{ $layer['points'] }}"/>
            </a>
        @endforeach
        @foreach($section->colours() as $one)
            <rect class="coloured" x="{{ $one['x'] }}" y="{{ $one['y'] }}" width="{{ $one['width'] }}" height="{{ $one['height'] }}"
                fill="{{ $one['shade'] }}"/>
        @endforeach

        @if($tint !== null)<x-tint :cells="$tint->cells" :bands="$tint->bands->all()" :text="$tint->text" name="tinted"/>@endif

        @php($fittings = $plan->fittings())
        @foreach($section->fittings() as $n => [$x, $y, $width, $height, $says])
            <a class="part" id="section-fitting-{{ $n }}" href="#fitting-{{ $n }}" aria-label="{{ $says }}"
                {{ $fittings[$n]->at() }}>
                <rect class="kept-free" x="{{ $x }}" y="{{ $y }}" width="{{ $width }}" height="{{ $height }}"/>
            </a>
        @endforeach
        @foreach($layers as $layer)
            <text class="layer-name" x="{{ $layer['left'] + 6 }}" y="{{ $layer['middle'] + 4 }}">{{ $layer['number'] }}</text>
            @if($view->isGiven())
                <g class="surface" id="surface-{{ $layer['number'] - 1 }}" tabindex="0" role="slider" aria-orientation="vertical"
                    aria-valuenow="{{ $layer['height'] }}" aria-valuemin="0"
                    aria-valuemax="{{ round(1e3 * $view->plan->vessel->shape->height()) }}"
                    aria-label="{{ __('piece.pours.surface', ['number' => $layer['number'], 'height' => $layer['label']]) }}"
                    data-surface="{{ $layer['number'] - 1 }}" data-depth="{{ $layer['depth'] }}">
                    <line class="grip" x1="{{ $layer['left'] }}" x2="{{ $section::WIDTH - 10 }}" y1="{{ $layer['top'] }}"
                        y2="{{ $layer['top'] }}"/>
                    <line class="edge" x1="{{ $layer['left'] }}" x2="{{ $layer['right'] }}" y1="{{ $layer['top'] }}"
                        y2="{{ $layer['top'] }}"/>
                    <text class="level" x="{{ $section::WIDTH - 2 }}" y="{{ $layer['top'] + 4 }}"
                        text-anchor="end">{{ $layer['label'] }}</text>
                </g>
            @else
                <line class="edge" x1="{{ $layer['left'] }}" x2="{{ $layer['right'] }}" y1="{{ $layer['top'] }}"
                    y2="{{ $layer['top'] }}"/>
                <text class="level" x="{{ $section::WIDTH - 2 }}" y="{{ $layer['top'] + 4 }}" text-anchor="end">{{ $layer['label'] }}</text>
            @endif
        @endforeach
        <g class="rule" aria-hidden="true">
            <line x1="44" x2="44" y1="{{ $section->y(0) }}" y2="{{ $section->y($view->plan->vessel->shape->height()) }}"/>
            @foreach($section->rule() as $tick)
                <line x1="{{ $tick['long'] ? 34 : 39 }}" x2="44" y1="{{ $tick['y'] }}" y2="{{ $tick['y'] }}"/>
                @if($tick['label'] !== '')<text x="31" y="{{ $tick['y'] + 4 }}">{{ $tick['label'] }}</text>@endif
            @endforeach
            <text class="unit" x="44" y="{{ $section->rim() - 12 }}">{{ $section->ruleUnit() }}</text>
        </g>
        @php($objects = $section->objects())
        @foreach($objects as $object)
            @if($object->id !== '' && !$turned)
                <line class="plumb" x1="{{ $object->x }}" x2="{{ $object->x }}" y1="{{ $section->rim() - 16 }}"
                    y2="{{ $object->y - $object->halfY }}"/>
            @endif

            <x-drawn-object :object="$object" vertical :most="$view->plan->vessel->fill * 1e3"/>
        @endforeach
        <x-object-names :objects="$objects" :labels="$section->labels($objects, $layers)"/>
    </svg>
    @if($tint !== null)<x-bands :bands="$tint->bands"/>@endif

</figure>

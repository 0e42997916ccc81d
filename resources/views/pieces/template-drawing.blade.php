<svg xmlns="http://www.w3.org/2000/svg" width="{{ $drawing->width }}mm" height="{{ $drawing->height }}mm"
    viewBox="{{ $drawing->left() }} {{ $drawing->top() }} {{ $drawing->width }} {{ $drawing->height }}" fill="none" stroke="#0f3b45"
    stroke-width="0.3" font-family="sans-serif" role="img" aria-label="{{ __('template.label', ['piece' => $title]) }}">
    <polygon points="{{ $drawing->points($drawing->rim) }}"/>
    @foreach($drawing->holes() as $hole)<polygon points="{{ $hole }}"/>@endforeach

    <x-mark :x="0" :y="0" :half="$drawing::MIDDLE"/>
    @foreach($drawing->coats as $one)
        <path d="@foreach($one['lines'] as [$x, $y, $toX, $toY])M{{ $x }} {{ $y }}L{{ $toX }} {{ $toY }}@endforeach" stroke-width="0.25"
            stroke-dasharray="2 1"/>
        @if($one['isTurned'])
            <text transform="translate({{ $one['x'] }} {{ $one['y'] + 1 }}) scale(-1 1)" font-size="{{ $drawing::TYPE }}"
                text-anchor="middle" fill="#0f3b45" stroke="none">{{ $one['says'] }}</text>
        @endif
    @endforeach
    @foreach($drawing->objects() as $object)
        <polygon points="{{ $object['points'] }}" stroke-width="0.4"/>
        <x-mark :x="$object['x']" :y="$object['y']" :half="$drawing::MARK"/>
    @endforeach
    @foreach($drawing->fittings as $one)
        <circle cx="{{ $one['x'] }}" cy="{{ $one['y'] }}" r="{{ $one['radius'] }}" stroke-width="0.4" stroke-dasharray="1 0.8"/>
        <x-mark :x="$one['x']" :y="$one['y']" :half="$drawing::CROSS"/>
    @endforeach
    @foreach($drawing->labels() as $label)
        <text x="{{ $label->x }}" y="{{ $label->y }}" font-size="{{ $drawing::TYPE }}" text-anchor="middle" fill="#0f3b45"
            stroke="none">{{ $label->says }}</text>
    @endforeach
    <g transform="translate({{ -$drawing::CHECK / 2 }} {{ $drawing->rulerTop() }})">
        <path d="M0 6H{{ $drawing::CHECK }}@for($mm = 0; $mm <= $drawing::CHECK; $mm += 5)M{{ $mm }} 6v{{ $mm % 10 === 0 ? -4 : -2.5
            }}@endfor"/>
        @for($mm = 0; $mm <= $drawing::CHECK; $mm += 20)
            <text x="{{ $mm }}" y="10" font-size="3" text-anchor="middle" fill="#0f3b45" stroke="none">{{ $mm }}</text>
        @endfor
        <text x="0" y="15.5" font-size="3" fill="#0f3b45" stroke="none">
            {{ __($drawing->mirrored ? 'template.check-mirrored' : 'template.check', ['length' => $drawing->check()]) }}
        </text>
        @foreach($drawing->fittings as $n => $one)
            <text x="0" y="{{ 15.5 + ($n + 1) * $drawing::LINE }}" font-size="3" fill="#0f3b45" stroke="none">{{ $one['says'] }}</text>
        @endforeach
    </g>
</svg>

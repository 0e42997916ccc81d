@props(['cells', 'bands', 'text', 'name'])
<defs><clipPath id="{{ $name }}"><polygon points="{{ $cells->edge() }}"/></clipPath></defs>
<g class="tint" clip-path="url(#{{ $name }})" shape-rendering="crispEdges">
    @foreach($cells->cells() as $one)
        @php($band = $text[$one['cell']])
        <rect x="{{ $one['x'] }}" y="{{ $one['y'] }}" width="{{ $one['width'] }}" height="{{ $one['height'] }}"
            data-cell="{{ $one['cell'] }}" fill="{{ $band === '-' ? 'none' : $bands[(int) $band]['shade'] }}"/>
    @endforeach
    @foreach($cells->digits() as $one)
        @php($band = $text[$one['cell']])
        <text x="{{ $one['x'] }}" y="{{ $one['y'] }}" text-anchor="middle" data-cell="{{ $one['cell'] }}"
            class="{{ $band === '-' ? '' : $bands[(int) $band]['ink'] }}">{{ $band === '-' ? '' : $bands[(int) $band]['digit'] }}</text>
    @endforeach
</g>

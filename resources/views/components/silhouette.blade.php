@props(['drawing'])
<svg class="silhouette" viewBox="0 0 {{ $drawing::WIDTH }} {{ $drawing::HEIGHT }}" width="{{ $drawing::WIDTH }}"
    height="{{ $drawing::HEIGHT }}" aria-hidden="true">
    <polygon class="glass" points="{{ $drawing->vessel() }}"/>
    <g transform="translate({{ 0.5 * $drawing::WIDTH }} {{ 0.5 * $drawing::HEIGHT }})">
        @foreach($drawing->coats() as [$shade, $path])<path class="coloured" fill="{{ $shade }}" d="{{ $path }}"/>@endforeach
    </g>
    @foreach($drawing->objects() as $object)<x-body-of :object="$object"/>@endforeach
</svg>

@props(['drawing'])
<svg class="silhouette" viewBox="0 0 64 48" width="64" height="48" aria-hidden="true">
    <polygon class="glass" points="{{ $drawing->vessel() }}"/>
    @foreach($drawing->objects() as [$x, $y, $halfX, $halfY])
        <ellipse class="object" cx="{{ $x }}" cy="{{ $y }}" rx="{{ $halfX }}" ry="{{ $halfY }}"/>
    @endforeach
</svg>

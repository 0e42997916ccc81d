@props(['drawing'])
<svg class="silhouette" viewBox="0 0 {{ $drawing::WIDTH }} {{ $drawing::HEIGHT }}" width="{{ $drawing::WIDTH }}"
    height="{{ $drawing::HEIGHT }}" aria-hidden="true">
    <polygon class="glass" points="{{ $drawing->vessel() }}"/>
    @if($drawing->shade !== '')<polygon class="coloured" fill="{{ $drawing->shade }}" points="{{ $drawing->vessel() }}"/>@endif

    @foreach($drawing->objects() as $object)<x-body-of :object="$object"/>@endforeach
</svg>

@props(['object'])
@if($object->points !== '')
    <polygon class="body" fill="{{ $object->tint }}" points="{{ $object->points }}"/>
@elseif($object->likeness !== null)
    <path class="body" fill="{{ $object->tint }}" fill-rule="evenodd" transform="{{ $object->pose() }}"
        d="{{ $object->likeness->body() }}"/>
    <path class="lines" transform="{{ $object->pose() }}" d="{{ $object->likeness->lines() }}"/>
@elseif($object->round)
    <ellipse class="body" fill="{{ $object->tint }}" cx="{{ $object->x }}" cy="{{ $object->y }}" rx="{{ $object->halfX }}"
        ry="{{ $object->halfY }}"/>
@else
    <rect class="body" fill="{{ $object->tint }}" x="{{ $object->x - $object->halfX }}" y="{{ $object->y - $object->halfY }}"
        width="{{ 2 * $object->halfX }}" height="{{ 2 * $object->halfY }}"/>
@endif

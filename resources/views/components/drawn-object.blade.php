@props(['object', 'vertical' => false, 'most' => 0.0])
<g @class(['object', 'adrift' => !$object->sits, 'at-odds' => $object->atOdds]) @if($object->id !== '') tabindex="0" role="slider" @else
    aria-hidden="true" @endif data-object="{{ $object->index }}" data-group="{{ $object->group }}"
   data-bottom="{{ $object->bottomMm }}" data-x="{{ $object->xMm }}" data-y="{{ $object->yMm }}"
   @if($object->id !== '') aria-label="{{ $object->says() }}" aria-orientation="{{ $vertical ? 'vertical' : 'horizontal' }}"
   aria-valuenow="{{ round($vertical ? $object->bottomMm : $object->xMm, 2) }}" aria-valuemin="{{ $vertical ? 0 : -round($most) }}"
   aria-valuemax="{{ round($most) }}" @endif>
    @if($object->points !== '')
        <polygon points="{{ $object->points }}"/>
    @elseif($object->round)
        <ellipse cx="{{ $object->x }}" cy="{{ $object->y }}" rx="{{ $object->halfX }}" ry="{{ $object->halfY }}"/>
    @else
        <rect x="{{ $object->x - $object->halfX }}" y="{{ $object->y - $object->halfY }}" width="{{ 2 * $object->halfX }}"
            height="{{ 2 * $object->halfY }}"/>
    @endif
    @if($object->atOdds)<path class="odd" d="M{{ $object->x - 5 }} {{ $object->y - 19 }}l10 10m0 -10l-10 10"/>@endif

    <text x="{{ $object->x }}" y="{{ $object->y + ($object->halfY < 9 ? -$object->halfY - 4 : 4) }}">{{ $object->id }}</text>
</g>

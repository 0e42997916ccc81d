@props(['object', 'vertical' => false, 'most' => 0.0])
<g @class(['object', 'adrift' => !$object->sits, 'at-odds' => $object->atOdds]) @if($object->id !== '') tabindex="0" role="slider"
    id="{{ $vertical ? 'section' : 'plan' }}-object-{{ $object->index }}" @else aria-hidden="true" @endif
   data-object="{{ $object->index }}" data-group="{{ $object->group }}"
   data-bottom="{{ $object->bottomMm }}" data-x="{{ $object->xMm }}" data-y="{{ $object->yMm }}"
   @if($object->id !== '') aria-label="{{ $object->says() }}" aria-orientation="{{ $vertical ? 'vertical' : 'horizontal' }}"
   aria-valuenow="{{ round($vertical ? $object->bottomMm : $object->xMm, 2) }}" aria-valuemin="{{ $vertical ? 0 : -round($most) }}"
   aria-valuemax="{{ round($most) }}" @endif>
    <rect class="hit" x="{{ $object->x - max(12, $object->halfX) }}" y="{{ $object->y - max(12, $object->halfY) }}"
        width="{{ 2 * max(12, $object->halfX) }}" height="{{ 2 * max(12, $object->halfY) }}"/>
    <x-body-of :object="$object"/>
    @if($object->atOdds)<path class="odd" d="M{{ $object->x - 5 }} {{ $object->y - 19 }}l10 10m0 -10l-10 10"/>@endif

</g>

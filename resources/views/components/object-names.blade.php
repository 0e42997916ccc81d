@props(['objects', 'labels'])
@foreach($labels as $label)
    <text @class(['object-name' => isset($objects[$label->of]), 'region-name' => !isset($objects[$label->of]),
        'crowded' => !$label->isRead]) @isset($objects[$label->of]) data-name-of="{{ $objects[$label->of]->index }}" @endisset
        x="{{ $label->x }}" y="{{ $label->y }}">{{ $label->says }}</text>
@endforeach

@props(['section', 'plan', 'beyond' => 0.0])
@php([$halfX, $halfY] = [$plan->units($section->halfX) + $beyond, $plan->units($section->halfY) + $beyond])
@if($section->outline !== null)
    <polygon {{ $attributes }} points="{{ $plan->points($section, $beyond) }}"/>
@elseif($section->round)
    <ellipse {{ $attributes }} rx="{{ $halfX }}" ry="{{ $halfY }}"/>
@else
    <rect {{ $attributes }} x="{{ -$halfX }}" y="{{ -$halfY }}" width="{{ 2 * $halfX }}" height="{{ 2 * $halfY }}" rx="{{ $beyond }}"/>
@endif

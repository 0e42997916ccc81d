@props(['section', 'plan', 'beyond' => 0.0])
@php([$halfX, $halfY] = [$plan->units($section->halfX) + $beyond, $plan->units($section->halfY) + $beyond])
@if($section->outline !== null)
    <polygon {{ $attributes }} points="{{ $plan->points($section, $beyond) }}"/>
    @if($beyond === 0.0)@foreach($plan->holes($section) as $hole)<polygon class="mold" points="{{ $hole }}"/>@endforeach
    @endif
@elseif($section->round)
    <ellipse {{ $attributes }} rx="{{ $halfX }}" ry="{{ $halfY }}"/>
@else
    <rect {{ $attributes }} x="{{ -$halfX }}" y="{{ -$halfY }}" width="{{ 2 * $halfX }}" height="{{ 2 * $halfY }}" rx="{{ $beyond }}"/>
@endif

@props(['kind', 'group'])
@php($likeness = App\View\Drawing\Likeness::of($kind->key, App\Words\KindWords::name($kind)))
<button class="offer" name="kind" value="{{ $kind->key }}" data-find="{{ App\Words\KindWords::found($kind, $group) }}">
    <svg viewBox="-1.2 -1.2 2.4 2.4" width="30" height="30" aria-hidden="true">
        @if($likeness !== null)
            <path fill="{{ $likeness->tint() }}" fill-rule="evenodd" d="{{ $likeness->body() }}"/>
            <path class="lines" d="{{ $likeness->lines() }}"/>
        @else
            <ellipse fill="#f3e3c4" rx="1" ry="0.8"/>
        @endif
    </svg>
    <span>
        <span class="name">{{ App\Words\KindWords::name($kind) }}</span>
        <span class="quiet">
            {{ __('piece.objects.offer', ['density' => number_format($kind->substance->dryBulkDensity() / 1e3, 2),
                'floats' => __($kind->floats() ? 'piece.objects.floats' : 'piece.objects.sinks'),
                'seal'   => __($kind->bareUpTo() === null ? 'piece.objects.no-seal' : 'piece.objects.seal')]) }}
        </span>
        <span class="quiet looks">{{ App\Words\KindWords::colour($kind) }}</span>
    </span>
</button>

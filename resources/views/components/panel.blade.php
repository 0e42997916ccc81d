@props(['of', 'title', 'shown' => false, 'up' => null, 'back' => null])
<section @class(['panel', 'shown' => $shown]) id="{{ $of }}" aria-labelledby="{{ $of }}-head" tabindex="-1">
    <header>
        @if($up !== null)<a class="up" href="#{{ $up }}">{{ $back ?? __("piece.stages.{$up}.name") }}</a>@endif
        <h2 id="{{ $of }}-head">{{ $title }}</h2>
    </header>
    {{ $slot }}
    @php($next = App\View\Page\Stage::after($of))
    @if($next !== null)
        <p class="next"><a href="#{{ $next }}">{{ __('piece.stages.next', ['stage' => __("piece.stages.{$next}.name")]) }}</a></p>
    @endif
</section>

<div id="answer" data-of="{{ $view->piece->fingerprint() }}" data-others="{{ json_encode($others ?? (object) []) }}">
    <div class="bench">
        <div class="drawings" id="drawings">@include('pieces.drawings')</div>
        <div class="judgement" id="judgement">@include('pieces.judgement')</div>
        <div class="times" id="times">
            @if($view->isComputing())
                <div class="computing" role="status"
                     hx-get="{{ route('pieces.heat', [$view->piece, 'of' => $view->piece->fingerprint(), ...$view->gaze->query()],
                     false) }}" hx-trigger="load" hx-target="#times" hx-swap="innerHTML">
                    @include('pieces.times-to-come', ['says' => __('piece.computing')])
                    <noscript>
                        <p><a href="{{ route('pieces.show', [$view->piece, 'heat' => 1], false) }}">{{ __('piece.compute') }}</a></p>
                    </noscript>
                </div>
            @else
                @include('pieces.times')
            @endif
        </div>
    </div>
</div>
@if(request()->headers->has('HX-Request'))
    <div id="refusal" class="refusal" role="alert" aria-live="assertive" hx-swap-oob="true"></div>
    @foreach($view->plan->inclusions as $i => $inclusion)
        <p id="figures-{{ $i }}" class="quiet" hx-swap-oob="true">{{ $view->objects()->figures($inclusion) }}</p>
    @endforeach
@endif

<div id="answer" data-of="{{ $view->piece->fingerprint() }}">
    <div class="bench">
        <div class="drawings" id="drawings">@include('pieces.drawings')</div>
        <div class="judgement" id="judgement">@include('pieces.judgement')</div>
        <div class="times" id="times">
            @if($view->isComputing())
                <div class="computing" role="status"
                     hx-get="{{ route('pieces.heat', [$view->piece, 'of' => $view->piece->fingerprint(), ...$view->gaze->query()], false) }}" hx-trigger="load" hx-target="#times" hx-swap="innerHTML">
                    <p>Computing heat, windows and clock …</p>
                    <noscript><p><a href="{{ route('pieces.show', [$view->piece, 'heat' => 1], false) }}">Compute them now</a></p></noscript>
                </div>
            @else
                @include('pieces.times')
            @endif
        </div>
    </div>
</div>
@if(request()->headers->has('HX-Request'))<div id="refusal" class="refusal" role="alert" aria-live="assertive" hx-swap-oob="true"></div>@endif

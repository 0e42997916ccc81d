@if($view->isComputing())
    <div class="computing" role="status" hx-get="{{ route('pieces.heat', [$view->piece, 'of' => $view->piece->fingerprint(),
        ...$view->gaze->query()], false) }}" hx-trigger="load delay:2s" hx-target="#times" hx-swap="innerHTML">
        @include('pieces.times-to-come', ['says' => __('piece.waiting')])
    </div>
@else
    @include('pieces.times')
    <div class="drawings" id="drawings" hx-swap-oob="true">@include('pieces.drawings')</div>
    <div class="judgement" id="judgement" hx-swap-oob="true">@include('pieces.judgement')</div>
@endif

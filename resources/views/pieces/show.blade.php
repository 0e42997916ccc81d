<x-page :title="$view->piece->title" desk>
    <div id="piece" class="piece" data-selects="{{ session('selects') }}">
        @include('pieces.head')
        <div id="refusal" class="refusal" role="alert" aria-live="assertive">@include('pieces.refused')</div>
        <x-errors/>
        <div class="desk">
            @include('pieces.answer')
            <div class="inspector" id="inspector">
                <form id="piece-form" novalidate data-lengths="{{ json_encode($form->lengths()) }}" method="post"
                    action="{{ route('pieces.update', $view->piece, false) }}" data-unreached="{{ __('piece.unreached') }}"
                    hx-post="{{ route('pieces.update', $view->piece, false) }}" hx-trigger="typed, submit" hx-target="#answer"
                    hx-swap="outerMorph" hx-sync="#piece:queue all">
                    @csrf @method('patch')
                    <input type="hidden" name="of" value="{{ $view->piece->fingerprint() }}">
                    <noscript>
                        <p class="quiet">{{ __('piece.no-script') }} <button class="btn btn-primary">{{ __('piece.save') }}</button></p>
                    </noscript>
                </form>
                @include('pieces.panels.use')
                @include('pieces.panels.vessel')
                @include('pieces.panels.objects')
                @php($here = route('pieces.show', $view->piece, false))
                @foreach($view->plan->inclusions as $i => $inclusion)
                    @include('pieces.panels.object')
                @endforeach
                @if($view->plan->inclusions !== [])
                    @include('pieces.panels.object-doings')
                    @include('pieces.panels.together')
                @endif
                @include('pieces.panels.colour')
                @include('pieces.panels.pours')
                @if($view->isGiven())
                    @foreach($view->plan->pours as $k => $pour)
                        @include('pieces.panels.own-pour')
                        @foreach(array_keys($pour->coat->zones) as $z)@include('pieces.panels.region')@endforeach
                    @endforeach
                    @include('pieces.panels.coat-doings')
                @endif
                @include('pieces.found-pours')
                @include('pieces.panels.clock')
                @include('pieces.panels.ready')
            </div>
            <i class="whole" hidden></i>
        </div>
        @include('pieces.keys')
    </div>
</x-page>

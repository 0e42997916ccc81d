<div id="answer" class="answer" data-of="{{ $view->piece->fingerprint() }}" data-others="{{ json_encode($others ?? (object) []) }}"
    @if($saved ?? false) data-says="{{ json_encode($view->lines()) }}" @endif @if(!$view->isComputing()) data-computed @endif>
    <nav class="stages" aria-label="{{ __('piece.stages.head') }}">
        @foreach($view->stages()->all() as $stage)
            <a href="#{{ $stage->panel }}" class="is-{{ $stage->state }}">
                <span class="stage-name">{{ $stage->name() }}</span>
                <span class="stands">
                    @if($stage->isMarked())
                        <x-sign :state="$stage->state"/>
                    @endif
                    {{ $stage->stands }}
                </span>
            </a>
        @endforeach
    </nav>
    @if($drawn ?? false)
        <div class="drawings" id="drawings" hx-morph-skip-children></div>
    @else
        <div class="drawings" id="drawings">@include('pieces.drawings')</div>
    @endif
    <div class="times" id="times">@include('pieces.pours')</div>
    <div class="judgement" id="judgement">@include('pieces.judgement')</div>
</div>
@if($alone ?? false)
    @include('pieces.figures')
@endif

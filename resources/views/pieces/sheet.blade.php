@php($view = $sheet->view)
<x-page :title="__('sheet.title', ['piece' => $view->piece->title])">
    <article @class(['sheet', 'sheet-many' => count($view->layout->pours ?? []) > 2])>
        <header>
            <h1>{{ $view->piece->title }}</h1>
            <p>
                {{ __('sheet.head', ['line' => App\View\Page\PieceLine::of($view->piece, $view->system)]) }} <a class="no-print"
                    href="{{ route('pieces.show', $view->piece, false) }}">{{ __('sheet.back') }}</a>
                <button class="btn btn-sm btn-primary no-print" type="button" data-print>{{ __('sheet.print') }}</button>
            </p>
        </header>
        @if($view->answer === null)
            <p role="status" hx-get="{{ route('pieces.sheet', $view->piece, false) }}" hx-trigger="load delay:1s" hx-target=".sheet"
                hx-select=".sheet" hx-swap="outerHTML">
                {{ __('sheet.computing') }} <a href="{{ route('pieces.sheet', $view->piece, false) }}">{{ __('sheet.again') }}</a>
                    {{ __('sheet.in-a-moment') }}
            </p>
        @elseif(!$sheet->isReady())
            <p><strong>{{ __('sheet.nothing') }}</strong></p>
            <ul>@foreach($view->findings as $finding)<li>{{ $view->words->finding($finding) }}</li>@endforeach</ul>
        @else
            @include('pieces.sheet-work')
            @include('pieces.sheet-cautions')
        @endif
    </article>
</x-page>

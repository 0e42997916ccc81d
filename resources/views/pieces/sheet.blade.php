<x-page :title="'Pour sheet: ' . $view->piece->title">
    <article @class(['sheet', 'sheet-many' => count($view->layout()->pours ?? []) > 3])>
        <header>
            <h1>{{ $view->piece->title }}</h1>
            <p>Pour sheet. {{ App\View\PieceLine::of($view->piece, $view->system) }}. <a class="no-print" href="{{ route('pieces.show', $view->piece, false) }}">Back to the piece</a> <button class="btn btn-sm btn-primary no-print" type="button" data-print>Print</button></p>
        </header>
        @if($view->answer === null)
            <p>Another piece of yours is being computed. <a href="{{ route('pieces.sheet', $view->piece, false) }}">Try again</a> in a moment.</p>
        @elseif($view->layout() === null || $view->answer->simulation === null || !$view->answer->isFeasible())
            <p><strong>There is nothing to pour yet:</strong></p>
            <ul>@foreach($view->notices() as $notice)<li>{{ $notice->message }}</li>@endforeach</ul>
        @else
            @include('pieces.sheet-work')
            @include('pieces.sheet-cautions')
        @endif
    </article>
</x-page>

<x-page :title="'Template: ' . $view->piece->title">
    <article class="template">
        <header class="no-print">
            <h1>Placement template</h1>
            <p>{{ $view->piece->title }}, full size: lay it under a clear mold, or trace it. Names carry the height of the object's bottom above the floor.</p>
            <p>
                @if($drawing->mirrored)<a href="{{ route('pieces.template', $view->piece, false) }}">As it is poured</a>
                @else<a href="{{ route('pieces.template', [$view->piece, 'mirrored' => 1], false) }}">Mirrored, as a floor that is the seen face will show it</a>@endif
                · <a href="{{ route('pieces.template', [$view->piece, 'mirrored' => $drawing->mirrored ? 1 : 0, 'as' => 'svg'], false) }}">Keep the drawing (SVG)</a>
                · <a href="{{ route('pieces.template', [$view->piece, 'mirrored' => $drawing->mirrored ? 1 : 0, 'as' => 'pdf'], false) }}">As PDF</a>
                · <a href="{{ route('pieces.show', $view->piece, false) }}">Back to the piece</a>
                <button class="btn btn-sm btn-primary" type="button" data-print>Print</button>
            </p>
            @if($drawing->width > 190)<p class="quiet">Wider than a sheet of A4 or Letter: the PDF is as large as it needs to be; have it printed large, or in tiles.</p>@endif
        </header>
        <div class="true-size" tabindex="0" role="region" aria-label="Drawing, scrolls sideways">@include('pieces.template-drawing', ['title' => $view->piece->title])</div>
    </article>
</x-page>

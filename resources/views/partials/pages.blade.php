@if($paginator->hasPages())
    <nav aria-label="{{ __('places.pages.label') }}" class="pages">
        @if(!$paginator->onFirstPage())<a href="{{ $paginator->previousPageUrl() }}" rel="prev">{{ __('places.pages.newer') }}</a>@endif
        <span>{{ __('places.pages.page', ['page' => $paginator->currentPage(), 'pages' => $paginator->lastPage()]) }}</span>
        @if($paginator->hasMorePages())<a href="{{ $paginator->nextPageUrl() }}" rel="next">{{ __('places.pages.older') }}</a>@endif
    </nav>
@endif

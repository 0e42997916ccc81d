<x-page :title="__('template.title', ['piece' => $view->piece->title])">
    <article class="template">
        <header class="no-print">
            <h1>{{ __('template.head') }}</h1>
            <p>{{ __('template.lead', ['piece' => $view->piece->title]) }}</p>
            <p>
                @if($drawing->mirrored)<a href="{{ route('pieces.template', $view->piece, false) }}">{{ __('template.straight') }}</a>
                @else<a href="{{ route('pieces.template', [$view->piece, 'mirrored' => 1], false) }}">{{ __('template.mirror') }}</a>@endif
                · <a href="{{ route('pieces.template', [$view->piece, 'mirrored' => $drawing->mirrored ? 1 : 0, 'as' => 'svg'],
                false) }}">{{ __('template.svg') }}</a>
                · <a href="{{ route('pieces.template', [$view->piece, 'mirrored' => $drawing->mirrored ? 1 : 0, 'as' => 'pdf'],
                false) }}">{{ __('template.pdf') }}</a>
                · <a href="{{ route('pieces.show', $view->piece, false) }}">{{ __('template.back') }}</a>
                <button class="btn btn-sm btn-primary" type="button" data-print>{{ __('template.print') }}</button>
            </p>
            @if($drawing->width > 190)<p class="quiet">{{ __('template.wide') }}</p>@endif
        </header>
        <div class="true-size" tabindex="0" role="region" aria-label="{{ __('template.scrolls') }}">
            @include('pieces.template-drawing', ['title' => $view->piece->title])
        </div>
    </article>
</x-page>

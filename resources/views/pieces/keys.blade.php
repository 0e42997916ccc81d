<dialog id="keys" aria-labelledby="keys-head">
    <h2 id="keys-head">{{ __('piece.keys.head') }}</h2>
    <dl>
        @foreach(__('piece.keys.list') as [$keys, $does])
            <dt>{{ $keys }}</dt>
            <dd>{{ __($does, ['small' => $view->figures->length(1e-3), 'grid' => $view->figures->length(5e-3)]) }}</dd>
        @endforeach
    </dl>
    <form method="dialog"><button class="btn btn-outline-primary">{{ __('piece.keys.close') }}</button></form>
</dialog>

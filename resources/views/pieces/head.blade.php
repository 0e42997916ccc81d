<header class="piece-head">
    <h1>{{ $view->piece->title }}</h1>
    @if(session('said'))<p class="said" role="status">{{ session('said') }}</p>@endif
    <div class="doings">
        <x-act :to="route('pieces.steps.store', $view->piece, false)" :saw="$view->piece" class="steps-of">
            <button class="btn btn-outline-primary" name="step" value="back"
                aria-keyshortcuts="Control+Z">{{ __('piece.head.undo') }}</button>
            <button class="btn btn-outline-primary" name="step" value="forth"
                aria-keyshortcuts="Control+Shift+Z">{{ __('piece.head.redo') }}</button>
        </x-act>
        <details class="menu" id="piece-menu">
            <summary class="btn btn-outline-primary">{{ __('piece.head.more') }}</summary>
            <ul>
                <li><a href="{{ route('pieces.record', $view->piece, false) }}">{{ __('record.menu') }}</a></li>
                <li><a href="{{ route('pieces.photograph', $view->piece, false) }}">{{ __('piece.head.photograph') }}</a></li>
                <li><a href="{{ route('pieces.reference', $view->piece, false) }}">{{ __('piece.head.reference') }}</a></li>
                <li><a href="{{ route('pieces.calendar', $view->piece, false) }}">{{ __('piece.head.calendar') }}</a></li>
                <li><a href="{{ route('pieces.file', $view->piece, false) }}">{{ __('piece.head.file') }}</a></li>
                <li>
                    <form method="post" action="{{ route('pieces.copies.store', $view->piece, false) }}">
                        @csrf <x-once/>
                        <button class="plain">{{ __('piece.head.copy') }}</button>
                    </form>
                </li>
                <li><button type="button" class="plain" data-keys aria-keyshortcuts="?">{{ __('piece.head.keys') }}</button></li>
                <li>
                    <form method="post" action="{{ route('pieces.destroy', $view->piece, false) }}">
                        @csrf @method('delete')
                        <button class="plain">{{ __('piece.head.delete') }}</button>
                    </form>
                </li>
            </ul>
        </details>
        <a class="btn btn-outline-primary" href="{{ route('pieces.template', $view->piece, false) }}">{{ __('piece.head.template') }}</a>
        <a class="btn btn-primary" href="{{ route('pieces.sheet', $view->piece, false) }}">{{ __('piece.head.sheet') }}</a>
    </div>
</header>

{{-- Alone: where nothing may be asked of the database, as it may be what has failed. --}}
@props(['title', 'wide' => false, 'desk' => false, 'ended' => false, 'alone' => false])
<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $title }} · Pensilis</title>
    <link rel="icon" href="/favicon.svg" type="image/svg+xml">
    @vite(['resources/scss/app.scss', 'resources/js/app.js'])
</head>
<body @if($ended) data-ended @endif @class(['at-desk' => $desk])>
<a class="visually-hidden-focusable skip" href="#main">{{ __('places.skip') }}</a>
<header class="masthead">
    <a class="brand" href="{{ route('today', absolute: false) }}">
        <svg viewBox="0 0 24 24" width="24" height="24" aria-hidden="true">
            <path class="mark-line" d="M12 1v9"/>
            <path class="mark-bob" d="M8.5 10h7L12 18z"/>
            <path class="mark-line" d="M3 22h18"/>
        </svg>
        <span>Pensilis</span>
    </a>
    @if(!$alone && auth()->check())
        <nav aria-label="{{ __('places.places') }}">
            <a href="{{ route('today', absolute: false) }}" @if(request()->routeIs('today')) aria-current="page"
                @endif>{{ __('places.nav.today') }}</a>
            <a href="{{ route('pieces.index', absolute: false) }}" @if(request()->routeIs('pieces.*')) aria-current="page"
                @endif>{{ __('places.nav.pieces') }}</a>
            <a href="{{ route('orders', absolute: false) }}" @if(request()->routeIs('orders*')) aria-current="page"
                @endif>{{ __('places.nav.orders') }}</a>
            <a href="{{ route('shelf', absolute: false) }}" @if(request()->routeIs('shelf', 'supplies*')) aria-current="page"
                @endif>{{ __('places.nav.shelf') }}</a>
            <a href="{{ route('materials', absolute: false) }}" @if(request()->routeIs('materials')) aria-current="page"
                @endif>{{ __('places.nav.materials') }}</a>
            <a href="{{ route('studio', absolute: false) }}" @if(request()->routeIs('studio')) aria-current="page"
                @endif>{{ __('places.nav.studio') }}</a>
        </nav>
        <form method="post" action="{{ route('sign-out', absolute: false) }}" class="ms-auto">
            @csrf @method('delete')
            <button class="plain">{{ __('places.sign-out') }}</button>
        </form>
    @endif
</header>
<main id="main" @class(['page', 'page-wide' => $wide, 'page-desk' => $desk])>
    <p class="said restored" role="status" hidden>{{ __('piece.kept-typed') }}</p>
    @if(session('said') && !$desk)
        <p class="said" role="status">{{ session('said') }}</p>
    @endif
    {{ $slot }}
</main>
</body>
</html>

<x-page :title="__('today.title')" wide>
    <header class="list-head">
        <h1>{{ __('today.title') }}, {{ $view->now->format('D j M, H:i') }}</h1>
        <form action="{{ route('today', absolute: false) }}" class="inline">
            <label for="minutes">{{ __('today.have') }}</label>
            <input class="form-control form-control-sm" id="minutes" name="minutes" size="8" autocomplete="off"
                value="{{ old('minutes', $view->atHand()) }}" @error('minutes') aria-invalid="true" @enderror>
            <button class="btn btn-sm btn-outline-primary">{{ __('today.show') }}</button>
        </form>
        <a class="btn btn-primary" href="{{ route('pieces.index', absolute: false) }}#new">{{ __('pieces.new') }}</a>
    </header>
    <x-errors/>
    @if($view->isEmpty())
        <p class="lead">{{ __('today.teach') }}</p>
    @else
        @include('today.day')
    @endif
</x-page>

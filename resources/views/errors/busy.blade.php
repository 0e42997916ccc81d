<x-page :title="__('places.error.busy.head')" alone>
    <div class="narrow">
        <h1>{{ __('places.error.busy.head') }}</h1>
        <p>{{ __('places.error.busy.text') }}</p>
        <p><a href="{{ route('pieces.index', absolute: false) }}">{{ __('places.error.to-pieces') }}</a></p>
    </div>
</x-page>

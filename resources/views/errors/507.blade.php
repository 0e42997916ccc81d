<x-page :title="__('places.error.507.head')" alone>
    <div class="narrow">
        <h1>{{ __('places.error.507.head') }}</h1>
        <p>{{ __('places.error.507.text') }}</p>
        <p><a href="{{ route('pieces.index', absolute: false) }}">{{ __('places.error.to-pieces') }}</a></p>
    </div>
</x-page>

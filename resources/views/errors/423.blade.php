<x-page :title="__('places.error.423.head')" alone>
    <div class="narrow">
        <h1>{{ __('places.error.423.head') }}</h1>
        <p>{{ __('places.error.423.text') }}</p>
        <p><a href="{{ route('pieces.index', absolute: false) }}">{{ __('places.error.to-pieces') }}</a></p>
    </div>
</x-page>

<x-page ended :title="__('places.error.419.head')">
    <div class="narrow">
        <h1>{{ __('places.error.419.head') }}</h1>
        <p>{{ __('places.error.419.text') }}</p>
        <p><a class="btn btn-primary" href="{{ url()->previousPath() }}">{{ __('places.error.419.again') }}</a></p>
    </div>
</x-page>

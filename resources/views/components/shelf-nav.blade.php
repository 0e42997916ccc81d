@props(['kind' => null])
<nav class="jump" aria-label="{{ __('shelf.label') }}">
    <a href="{{ route('shelf', absolute: false) }}" @if($kind === null) aria-current="page" @endif>{{ __('shelf.vessels.head') }}</a>
    @foreach(App\Models\SupplyKind::cases() as $one)<a href="{{ route('supplies', $one, false) }}" @if($kind === $one) aria-current="page"
        @endif>{{ __("shelf.kinds.{$one->value}") }}</a>@endforeach
</nav>

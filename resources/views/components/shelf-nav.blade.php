@props(['kind' => null])
<nav class="jump" aria-label="Shelf">
    <a href="{{ route('shelf', absolute: false) }}" @if($kind === null) aria-current="page" @endif>Vessels</a>
    @foreach(App\Models\SupplyKind::cases() as $one)<a href="{{ route('supplies', $one, false) }}" @if($kind === $one) aria-current="page" @endif>{{ $one->title() }}</a>@endforeach
</nav>

<x-page :title="$conflict->piece->title">
    <h1>{{ $conflict->piece->title }}</h1>
    <div class="refusal" role="alert">@include('pieces.conflict')</div>
</x-page>

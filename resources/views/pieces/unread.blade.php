<x-page :title="__('pieces.unread.head')">
    <div class="narrow">
        <h1>{{ $piece instanceof App\Models\Piece ? $piece->title : __('pieces.unread.head') }}</h1>
        <p>{{ __('pieces.unread.text') }}</p>
        <ul>@foreach($reasons as $reason)<li>{{ $reason }}</li>@endforeach</ul>
        @if($piece instanceof App\Models\Piece)
            <p><a class="btn btn-primary" href="{{ route('pieces.file', $piece, false) }}">{{ __('pieces.unread.file') }}</a></p>
            <form method="post" action="{{ route('pieces.steps.store', $piece, false) }}">
                @csrf
                <input type="hidden" name="of" value="{{ $piece->fingerprint() }}">
                <button class="btn btn-outline-primary" name="step" value="back">{{ __('pieces.unread.back') }}</button>
            </form>
        @endif
        <p><a href="{{ route('pieces.index', absolute: false) }}">{{ __('places.error.to-pieces') }}</a></p>
    </div>
</x-page>

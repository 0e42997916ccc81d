<form method="post" action="{{ route('pieces.update', $conflict->piece, false) }}" class="conflict why">
    @csrf @method('patch')
    <input type="hidden" name="of" value="{{ $conflict->piece->fingerprint() }}">
    <p><strong>{{ __('piece.conflict.head') }}</strong> {{ __('piece.conflict.choose') }}</p>
    @foreach($conflict->others as $pointer => $text)<input type="hidden" name="f[{{ $pointer }}]" value="{{ $text }}">@endforeach
    @foreach($conflict->conflicts as $one)
        @if($one->now === null)
            <p>{{ __('piece.conflict.gone', ['field' => $one->label, 'typed' => $one->typed]) }}</p>
        @else
            <fieldset>
                <legend>{{ $one->label }}</legend>
                <label>
                    <input type="radio" name="f[{{ $one->pointer }}]" value="{{ $one->now }}" checked>
                    {{ $one->now === '' ? __('piece.conflict.empty') : $one->now }}
                    <span class="quiet">{{ __('piece.conflict.now') }}</span>
                </label>
                <label>
                    <input type="radio" name="f[{{ $one->pointer }}]" value="{{ $one->typed }}">
                    {{ $one->typed === '' ? __('piece.conflict.empty') : $one->typed }}
                    <span class="quiet">{{ __('piece.conflict.typed') }}</span>
                </label>
            </fieldset>
        @endif
    @endforeach
    <button class="btn btn-sm btn-primary">{{ __('piece.conflict.keep') }}</button>
    <a href="{{ route('pieces.show', $conflict->piece, false) }}">{{ __('piece.conflict.leave') }}</a>
</form>

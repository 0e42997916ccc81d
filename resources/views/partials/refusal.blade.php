<div class="why">
    <p><strong>{{ __($head ?? 'places.errors.nothing') }}</strong></p>
    <ul>
        @foreach($messages as $place => $some)
            @foreach((array) $some as $message)
                <li @if(str_starts_with((string) $place, 'f.')) data-field="f[{{ substr($place, 2) }}]" @endif>{{ $message }}</li>
            @endforeach
        @endforeach
    </ul>
</div>

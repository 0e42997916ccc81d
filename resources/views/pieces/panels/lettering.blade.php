<x-act :to="route('pieces.lettering.update', [$view->piece, $k], false)" method="put" :saw="$view->piece" class="fields">
    <div class="field wide">
        <label for="letters-{{ $k }}">{{ __('piece.colours.lettering.lines') }}</label>
        <textarea class="form-control form-control-sm" id="letters-{{ $k }}" name="lines" rows="3" maxlength="2000"
            required>{{ implode("\n", App\Interchange\PlanFile\Lettering::lines($view->piece->document, $k)) }}</textarea>
    </div>
    @foreach(['width', 'height'] as $key)
        <div class="field">
            <label for="letters-{{ $key }}-{{ $k }}">{{ __("piece.colours.lettering.{$key}") }}</label>
            <input class="form-control form-control-sm" id="letters-{{ $key }}-{{ $k }}" name="{{ $key }}" autocomplete="off"
                maxlength="{{ App\Words\Limits::QUANTITY }}" placeholder="{{ __('piece.colours.lettering.usual') }}">
        </div>
    @endforeach
    <div class="field">
        <label for="letters-align-{{ $k }}">{{ __('piece.colours.lettering.align') }}</label>
        <select class="form-select form-select-sm" id="letters-align-{{ $k }}" name="align">
            @foreach(App\Words\Words::choices(Pensilis\Plan\Align::cases()) as $align => $says)
                <option value="{{ $align }}" @selected($align === 'middle')>{{ $says }}</option>
            @endforeach
        </select>
    </div>
    <div class="field"><button class="btn btn-sm btn-outline-primary">{{ __('piece.colours.lettering.press') }}</button></div>
</x-act>

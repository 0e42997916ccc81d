{{-- For those that are ticked in the list of objects, or chosen in the drawings. --}}
<x-panel of="together" :title="__('piece.together.head')" up="objects">
    <x-act :to="route('pieces.objects.update', $view->piece, false)" method="patch" id="several"
        data-differ="{{ __('piece.together.differ') }}">
        <p class="chosen-names quiet">{{ __('piece.together.choose') }}</p>
        @foreach(['line' => ['across', 'behind', 'level'], 'even' => ['even-across', 'even-behind', 'even-level']] as $how => $ways)
            <p class="inline">
                {{ __("piece.together.{$how}") }}
                @foreach($ways as $way)
                    <button class="btn btn-sm btn-outline-primary" name="way"
                        value="{{ $way }}">{{ __("piece.together.ways.{$way}") }}</button>
                @endforeach
            </p>
        @endforeach
        <p class="inline">
            @foreach(['round', 'spread'] as $way)
                <button class="btn btn-sm btn-outline-primary" name="way" value="{{ $way }}">{{ __("piece.together.ways.{$way}") }}</button>
            @endforeach
        </p>
        <p class="quiet">{{ __('piece.together.each') }}</p>
        <div class="fields">
            @foreach($form->fields->objects()->shared(0) as $field)
                @php($key = substr($field->pointer, strlen('/inclusions/0/')))
                <div class="field">
                    <label for="each-{{ $loop->index }}">{{ $field->label() }}</label>
                    <input class="form-control form-control-sm" id="each-{{ $loop->index }}" name="each[{{ $key }}]" autocomplete="off"
                        maxlength="{{ App\Words\Limits::LINE }}" value="{{ old('each')[$key] ?? '' }}">
                </div>
            @endforeach
            <div class="field"><button class="btn btn-sm btn-outline-primary" name="way"
                value="each">{{ __('piece.together.set') }}</button></div>
        </div>
        <button class="plain" name="way" value="remove">{{ __('piece.together.remove') }}</button>
    </x-act>
</x-panel>

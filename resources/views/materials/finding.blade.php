<section aria-labelledby="own">
    <h2 id="own">{{ __('materials.own.head') }}</h2>
    <p>{{ __('materials.own.lead') }}</p>
    <form method="post" action="{{ route('findings.store', absolute: false) }}">
        @csrf <x-once/>
        <div class="fields">
            <div class="field">
                <label for="own-kind">{{ __('materials.own.kind') }}</label>
                <select class="form-select form-select-sm" id="own-kind" name="kind">
                    <option value="">{{ __('materials.own.new') }}</option>
                    @foreach($known->byGroup() as $group => $some)
                        <optgroup label="{{ App\Words\KindWords::group($group) }}">
                            @foreach($some as $kind)
                                <option value="{{ $kind->key }}" @selected(old('kind', request()->query('kind')) === $kind->key)>
                                    {{ App\Words\KindWords::name($kind) }}
                                </option>
                            @endforeach
                        </optgroup>
                    @endforeach
                </select>
            </div>
            @foreach(__('materials.own.fields') as $field => $label)
                <div class="field">
                    <label for="own-{{ $field }}">{{ $label }}</label>
                    <input class="form-control form-control-sm" id="own-{{ $field }}" name="{{ $field }}"
                        value="{{ old($field, $field === 'found_on' ? $today : '') }}" @error($field) aria-invalid="true"
                        @enderror maxlength="{{ App\Words\Limits::LINE }}">
                    @error($field)<p class="refused">{{ $message }}</p>@enderror
                </div>
            @endforeach
            @foreach(__('materials.own.flags') as $field => $label)
                <div class="field">
                    <label for="own-{{ $field }}">{{ $label }}</label>
                    <select class="form-select form-select-sm" id="own-{{ $field }}" name="{{ $field }}">
                        @foreach(__('materials.own.yes-no') as $value => $words)
                            <option value="{{ $value }}" @selected(old($field) === $value)>{{ $words }}</option>
                        @endforeach
                    </select>
                </div>
            @endforeach
        </div>
        <label for="own-note">{{ __('materials.own.note') }}</label>
        <textarea class="form-control" id="own-note" name="note" rows="2" required
            maxlength="{{ App\Words\Limits::NOTE }}">{{ old('note') }}</textarea>
        <button class="btn btn-primary">{{ __('materials.own.save') }}</button>
    </form>
</section>

<section aria-labelledby="own">
    <h2 id="own">A test of your own</h2>
    <p>It goes before the starting values, in every new object of that kind. Leave empty what was not looked at.</p>
    <form method="post" action="{{ route('findings.store', absolute: false) }}">
        @csrf
        <div class="fields">
            <div class="field">
                <label for="own-kind">Kind</label>
                <select class="form-select form-select-sm" id="own-kind" name="kind">
                    <option value="">a new kind, named beside</option>
                    @foreach($known->byGroup() as $group => $some)<optgroup label="{{ $group }}">@foreach($some as $kind)<option value="{{ $kind->key }}" @selected(old('kind') === $kind->key)>{{ $kind->name }}</option>@endforeach</optgroup>@endforeach
                </select>
            </div>
            @foreach(['name' => 'Name of a new kind', 'found_on' => 'Seen on', 'skeleton' => 'Skeleton density, g/cm³', 'open' => 'Open pores, share', 'closed' => 'Closed pores, share', 'water' => 'Water, % by mass', 'heat' => 'Bears heat to', 'sealing' => 'Seal it with', 'colour' => 'In resin it looks'] as $field => $label)
                <div class="field">
                    <label for="own-{{ $field }}">{{ $label }}</label>
                    <input class="form-control form-control-sm" id="own-{{ $field }}" name="{{ $field }}" value="{{ old($field, $field === 'found_on' ? now()->format('Y-m-d') : '') }}" @error($field) aria-invalid="true" @enderror maxlength="200">
                    @error($field)<p class="refused">{{ $message }}</p>@enderror
                </div>
            @endforeach
            @foreach(['bleeds' => 'Bleeds colour', 'soaks' => 'Soaks up resin', 'fades' => 'Changes colour'] as $field => $label)
                <div class="field">
                    <label for="own-{{ $field }}">{{ $label }}</label>
                    <select class="form-select form-select-sm" id="own-{{ $field }}" name="{{ $field }}">
                        @foreach(['' => 'not looked at', 'no' => 'no', 'yes' => 'yes'] as $value => $words)<option value="{{ $value }}" @selected(old($field) === $value)>{{ $words }}</option>@endforeach
                    </select>
                </div>
            @endforeach
        </div>
        <label for="own-note">What was tried, and what came of it</label>
        <textarea class="form-control" id="own-note" name="note" rows="2" required maxlength="2000">{{ old('note') }}</textarea>
        <button class="btn btn-primary">Keep the test</button>
    </form>
</section>

<x-page :title="$supply->name">
    <h1>{{ $supply->name }}</h1>
    <x-shelf-nav :kind="$supply->kind"/>
    <x-errors/>
    <form method="post" action="{{ route('supplies.update', $supply, false) }}">
        @csrf @method('patch')
        <h2>Pack, stock and age</h2>
        <div class="fields">
            @foreach(['name' => 'Name', 'pack_price' => 'Price of a pack', 'pack_amount' => 'A pack holds, ' . $supply->kind->unit(), 'stock' => 'In stock, ' . $supply->kind->unit(), 'low' => 'Warn below, ' . $supply->kind->unit(), 'lot' => 'Lot', 'bought_on' => 'Bought on (2026-03-02)', 'keeps_months' => 'Keeps, months'] as $key => $label)
                @php($kept = $key === 'bought_on' ? $supply->bought_on?->format('Y-m-d') : $supply->getAttribute($key))
                <div class="field"><label for="s-{{ $key }}">{{ $label }}</label><input class="form-control form-control-sm" id="s-{{ $key }}" name="{{ $key }}" value="{{ old($key, $kept) }}" @if($key === 'name') required maxlength="120" @endif @error($key) aria-invalid="true" @enderror></div>
            @endforeach
        </div>
        @if($fields !== [])
            <h2>What plans say of it</h2>
            <div class="fields">
                @php($whole = App\Interchange\SupplySheet::example($supply->document, $supply->kind))
                @foreach($fields as $field)
                    @php($typed = old("f.{$field->pointer}") ?? $field->text($whole, $system))
                    <div class="field">
                        <label for="{{ $field->id() }}">{{ $field->label }}</label>
                        @if($field->choices !== [])
                            <select class="form-select form-select-sm" id="{{ $field->id() }}" name="f[{{ $field->pointer }}]">
                                @if($field->optional)<option value="">{{ $field->empty }}</option>@endif
                                @foreach($field->choices as $value => $words)<option value="{{ $value }}" @selected($typed === (string) $value)>{{ $words }}</option>@endforeach
                            </select>
                        @else
                            <input class="form-control form-control-sm" id="{{ $field->id() }}" name="f[{{ $field->pointer }}]" value="{{ $typed }}" maxlength="200" @if($errors->has("f.{$field->pointer}")) aria-invalid="true" @endif>
                        @endif
                        @if($errors->has("f.{$field->pointer}"))<p class="refused">{{ $errors->first("f.{$field->pointer}") }}</p>@endif
                    </div>
                @endforeach
            </div>
            <p class="quiet">From the label or data sheet, which go before anything here.</p>
        @endif
        <p><button class="btn btn-primary">Keep it</button> <a href="{{ route('supplies', $supply->kind, false) }}">Back to the shelf</a></p>
    </form>
</x-page>

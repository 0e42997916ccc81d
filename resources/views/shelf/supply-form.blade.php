{{-- Of one thing at a time: on a page of its own, or in the list beside it. --}}
<form method="post" action="{{ route('supplies.update', $view->supply, false) }}" id="supply-form" class="supply-form"
    hx-post="{{ route('supplies.update', $view->supply, false) }}" hx-target="#main" hx-select="#main" hx-swap="outerMorph">
    @csrf @method('patch') <x-once/>
    <input type="hidden" name="saw" value="{{ $view->saw() }}">
    <h2>{{ __('shelf.pack') }}</h2>
    <div class="fields">
        @foreach($view->plain() as $key => [$label, $kept])
            <div class="field">
                <label for="s-{{ $key }}">{{ $label }}</label><input class="form-control form-control-sm" id="s-{{ $key }}"
                    name="{{ $key }}" value="{{ old($key, $kept) }}" @if($key === 'name') required
                    maxlength="{{ App\Words\Limits::NAME }}" @endif @error($key)
                    aria-invalid="true" @enderror>
            </div>
        @endforeach
    </div>
    @if($view->fields !== [])
        <h2>{{ __('shelf.says') }}</h2>
        <div class="fields">
            <x-inputs :view="$view->texts" :fields="$view->fields" form="supply-form"/>
        </div>
        <p class="quiet">{{ __('shelf.label-first') }}</p>
    @endif
    @foreach($view->cameOut() as $line)<p class="quiet mb-0">{{ $line }}</p>@endforeach
    <p>
        <button class="btn btn-primary">{{ __('shelf.save') }}</button>
        <a href="{{ route('supplies', $view->supply->kind, false) }}">{{ __('shelf.back') }}</a>
    </p>
</form>

@props(['to', 'q', 'only' => null])
<form role="search" action="{{ $to }}" class="inline">
    <label for="q" class="visually-hidden">{{ __('shelf.find') }}</label>
    <input class="form-control form-control-sm" type="search" id="q" name="q" value="{{ $q }}" maxlength="{{ App\Words\Limits::NAME }}"
        placeholder="{{ __('shelf.find') }}">
    @if($only !== null)
        <label for="only">{{ __('shelf.only') }}</label>
        <select class="form-select form-select-sm" id="only" name="only">
            @foreach(__('shelf.onlys') as $key => $words)
                <option value="{{ $key }}" @selected($only === $key)>{{ $words }}</option>
            @endforeach
        </select>
    @endif
    <button class="btn btn-sm btn-outline-primary">{{ __('shelf.show') }}</button>
</form>

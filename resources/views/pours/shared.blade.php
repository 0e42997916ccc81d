@if($others->isNotEmpty())
    <details @if($shared !== null) open @endif>
        <summary><h2>{{ __('pour.shared.head') }}</h2></summary>
        <form method="get" action="{{ route('pours.show', [$piece, $view->index], false) }}" class="inline">
            <label for="with">{{ __('pour.shared.other') }}</label>
            <select class="form-select form-select-sm" id="with" name="with">
                @foreach($others as $other)
                    <option value="{{ $other->id }}" @selected($shared?->other->piece->id === $other->id)>{{ $other->title }}</option>
                @endforeach
            </select>
            @foreach($shared?->fitting ?? [] as $k => $fits)<label><input type="checkbox" name="also[]" value="{{ $k }}"
                @checked(in_array((string) $k, (array) request('also'), true))>
                    {{ __('pour.shared.its', ['number' => $k + 1, 'volume' => $figures->volume($fits->batch->volume)]) }}</label>@endforeach
            <button class="btn btn-sm btn-outline-primary">{{ __('pour.shared.show') }}</button>
        </form>
        @if($shared !== null && $shared->fitting === [])<p class="quiet">{{ __('pour.shared.none') }}</p>@endif
        @if($shared?->batch !== null)
            @php([[$jointA, $jointAMl], [$jointB, $jointBMl]] = $view->both($shared->batch))
            <p role="status" class="said">
                {{ __('pour.shared.batch', ['a' => $jointA, 'a_ml' => $jointAMl, 'b' => $jointB, 'b_ml' => $jointBMl,
                    'mass' => $figures->together($shared->batch),
                    'here' => $figures->poured($batch, $shared->batch->needed() - $shared->batch->loss - $shared->more),
                    'there' => $figures->poured($batch, $shared->more),
                    'piece' => $shared->other->piece->title]) }}
                {{ Str::ucfirst(__('pour.measure.ratio', ['device' => $view->piece->words->inside($batch->device->fact()),
                    'error' => $figures->percent($shared->batch->ratioErrorPercent() / 100, 1), 'most' =>
                    $figures->percent($batch->warnPercent() / 100)])) }}
            </p>
        @endif
    </details>
@endif

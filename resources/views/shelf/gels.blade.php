<section aria-labelledby="gels">
    <h2 id="gels">{{ __('shelf.gels.head') }}</h2>
    <p class="quiet">{{ __('shelf.gels.lead') }}</p>
    @if($view->gels() !== [])
        <table class="kinds short">
            <thead>
                <tr>
                    @foreach(__('shelf.gels.columns') as $column)<th scope="col">{{ $column }}</th>@endforeach
                    <th><span class="visually-hidden">{{ __('shelf.gels.remove') }}</span></th>
                </tr>
            </thead>
            <tbody>
                @foreach($view->gels() as $id => [$saw, $gelled, $room, $depth])
                    <tr>
                        <th scope="row">{{ $saw }}</th><td>{{ $gelled }}</td><td>{{ $room }}</td><td>{{ $depth }}</td>
                        <td>
                            <form method="post" action="{{ route('gel-times.destroy', $view->supply, false) }}">
                                @csrf @method('delete')
                                <input type="hidden" name="id" value="{{ $id }}">
                                <button class="plain">{{ __('shelf.gels.remove') }}</button>
                            </form>
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <p>{{ $view->fitted() }}</p>
        @if($view->supply->fit === null)
            <form method="post" action="{{ route('fits.store', $view->supply, false) }}">
                @csrf @method('put')
                <button class="btn btn-outline-primary">{{ __('shelf.gels.take') }}</button>
                <span class="quiet">{{ __('shelf.gels.note') }}</span>
            </form>
        @endif
    @endif
    @if($view->supply->fit !== null)
        <form method="post" action="{{ route('fits.destroy', $view->supply, false) }}">
            @csrf @method('delete')
            <p class="mb-1">{{ __('shelf.gels.taken') }}</p>
            <button class="btn btn-outline-primary">{{ __('shelf.gels.leave') }}</button>
        </form>
    @endif
    <form method="post" action="{{ route('gel-times.store', $view->supply, false) }}" class="gel-time">
        @csrf
        <x-once/>
        <div class="fields">
            <div class="field">
                <label for="gel-saw">{{ __('shelf.gels.what') }}</label>
                <select id="gel-saw" name="saw" class="form-select form-select-sm">
                    @foreach($view->canSee() as $saw)
                        <option value="{{ $saw }}" @selected(old('saw') === $saw)>{{ __("shelf.gels.saw.{$saw}") }}</option>
                    @endforeach
                </select>
            </div>
            @foreach(['gelled', 'room', 'depth'] as $field)
                <div class="field">
                    <label for="gel-{{ $field }}">{{ __("shelf.gels.{$field}") }}</label><input id="gel-{{ $field }}" name="{{ $field }}"
                        class="form-control form-control-sm" value="{{ old($field) }}"
                        @error($field) aria-invalid="true" @enderror>
                </div>
            @endforeach
        </div>
        <details @if(old('saw') === 'probe') open @endif>
            <summary>{{ __('shelf.gels.probe') }}</summary>
            <label for="gel-readings">{{ __('shelf.gels.readings') }}</label>
            <textarea id="gel-readings" name="readings" rows="5" class="form-control form-control-sm" aria-describedby="gel-readings-note"
                @error('readings') aria-invalid="true" @enderror>{{ old('readings') }}</textarea>
            <p id="gel-readings-note" class="quiet">{{ __('shelf.gels.readings-note') }}</p>
        </details>
        <button class="btn btn-primary">{{ __('shelf.gels.keep') }}</button>
    </form>
</section>

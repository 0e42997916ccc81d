<section aria-labelledby="mixed">
    <h2 id="mixed">{{ __('pour.mixed.head') }}</h2>
    <form method="post" action="{{ route('pours.mixings.store', [$piece, $view->index], false) }}">
        @csrf <x-once/>
        <label for="mixed-g">{{ __('pour.mixed.mixed') }}</label><input class="form-control" id="mixed-g" name="mixed"
            value="{{ old('mixed', $figures->grams($batch->mixed())) }}" required maxlength="{{ App\Words\Limits::QUANTITY }}">
        <label for="kept-g">{{ __('pour.mixed.kept') }}</label><input class="form-control" id="kept-g" name="kept" value="{{ old('kept') }}"
            placeholder="4 g" required maxlength="{{ App\Words\Limits::QUANTITY }}">
        <label for="over-g">{{ __('pour.mixed.over') }}</label><input class="form-control" id="over-g" name="over" value="{{ old('over') }}"
            placeholder="0 g" maxlength="{{ App\Words\Limits::QUANTITY }}">
        @if($errors->has('sure'))
            <label><input type="checkbox" name="sure" value="1"> {{ __('pour.sure') }}</label>
        @endif
        <button class="btn btn-primary">{{ __('pour.mixed.save') }}</button>
    </form>
    @if($median !== null)<p class="quiet">{{ __('pour.mixed.median', ['grams' => $figures->grams($median)]) }}</p>@endif
    @foreach($mixings as $mixing)
        <p class="quiet mb-0">
            {{ __('pour.mixed.line', ['day' => $studio->local($mixing->created_at)->format('j M, H:i'),
                'mixed' => $figures->grams($mixing->mixed_g), 'kept' => $figures->grams($mixing->kept_g),
                'over' => $figures->grams($mixing->over_g)]) }}
        </p>
        <form method="post" action="{{ route('mixings.update', $mixing->id, false) }}" class="inline">
            @csrf @method('patch')
            <input type="hidden" name="saw" value="{{ json_encode($mixing->cameOut()) }}">
            @foreach(['bubbles' => App\Models\Mixing::BUBBLES, 'clarity' => App\Models\Mixing::CLARITY] as $what => $choices)
                <label for="{{ $what }}-{{ $mixing->id }}">{{ __("pour.came-out.{$what}") }}</label>
                <select class="form-select form-select-sm" id="{{ $what }}-{{ $mixing->id }}" name="{{ $what }}">
                    <option value="">{{ __('pour.came-out.unsaid') }}</option>
                    @foreach($choices as $one)
                        <option value="{{ $one }}" @selected($mixing->{$what} === $one)>{{ __("pour.came-out.{$what}-of.{$one}") }}</option>
                    @endforeach
                </select>
            @endforeach
            <button class="btn btn-sm btn-outline-primary">{{ __('pour.came-out.save') }}</button>
        </form>
        <form method="post" action="{{ route('mixings.destroy', $mixing->id, false) }}">
            @csrf @method('delete')
            <button class="plain">{{ __('pour.mixed.undo') }}</button>
        </form>
    @endforeach
    @if($leftover !== [])
        <h3>{{ __('pour.leftover.head') }}</h3>
        <ol>@foreach($leftover as $line)<li>{{ $line }}</li>@endforeach</ol>
    @elseif(($mixings->first()?->over_g ?? 0) > 0)
        <p>
            {!! __('pour.leftover.none', ['shelf' => '<a href="' . route('shelf',
                absolute: false) . '">' . e(__('pour.leftover.shelf')) . '</a>']) !!}
        </p>
    @endif
</section>

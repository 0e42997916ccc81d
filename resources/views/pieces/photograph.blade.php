<x-page :title="__('photograph.title', ['piece' => $piece->title])" wide>
    <h1>{{ __('photograph.head') }}</h1>
    <p><a href="{{ route('pieces.show', $piece, false) }}">{{ $piece->title }}</a>: {{ __('photograph.lead') }}</p>
    <x-errors/>
    <form method="post" action="{{ route('pieces.photograph.store', $piece, false) }}" enctype="multipart/form-data" class="inline">
        @csrf <x-once/>
        <label for="photograph">{{ __($photograph === null ? 'photograph.first' : 'photograph.another', App\Words\Limits::said()) }}</label>
        <input class="form-control form-control-sm" id="photograph" name="photograph" type="file" accept="image/jpeg,image/png,image/webp"
            required>
        <button class="btn btn-sm btn-outline-primary">{{ __('photograph.send') }}</button>
    </form>
    @if($photograph !== null)
        <h2>{{ __('photograph.size') }}</h2>
        <p>{{ __('photograph.how') }}</p>
        <form method="post" action="{{ route('pieces.photograph.update', $piece, false) }}" data-scaling>
            @csrf @method('patch')
            <svg class="scaling" viewBox="0 0 {{ $photograph->width }} {{ $photograph->height }}" width="{{ $photograph->width }}"
                height="{{ $photograph->height }}" role="img" aria-label="{{ __('photograph.label') }}">
                <image href="{{ route('pieces.photograph.show', [$piece, 'of' => $photograph->id], false) }}"
                    width="{{ $photograph->width }}" height="{{ $photograph->height }}"/>
                <line class="measure" data-measure/>
                <path class="measure" data-middle d="M-14 0H14M0 -14V14"/>
            </svg>
            <div class="fields">
                @foreach(['x1' => '', 'y1' => '', 'x2' => '', 'y2' => '', 'length' => '', 'mx' => round($photograph->middle_x),
                    'my' => round($photograph->middle_y)] as $name => $usual)
                    <div class="field">
                        <label for="{{ $name }}">{{ __("photograph.fields.{$name}") }}</label>
                        <input class="form-control form-control-sm" id="{{ $name }}" name="{{ $name }}" value="{{ old($name, $usual) }}"
                            required maxlength="{{ App\Words\Limits::QUANTITY }}" @error($name) aria-invalid="true" @enderror>
                        @error($name)<p class="refused">{{ $message }}</p>@enderror
                    </div>
                @endforeach
            </div>
            <button class="btn btn-primary">{{ __('photograph.lay') }}</button>
        </form>
        @if($photograph->mm_per_pixel !== null)
            <h2>{{ __('photograph.dam.head') }}</h2>
            <p>{{ __('photograph.dam.how') }}</p>
            <form method="post" action="{{ route('pieces.dam.store', $piece, false) }}" data-tracing>
                @csrf <x-once/>
                <svg class="scaling" viewBox="0 0 {{ $photograph->width }} {{ $photograph->height }}" width="{{ $photograph->width }}"
                    height="{{ $photograph->height }}" role="img" aria-label="{{ __('photograph.dam.label') }}">
                    <image href="{{ route('pieces.photograph.show', [$piece, 'of' => $photograph->id], false) }}"
                        width="{{ $photograph->width }}" height="{{ $photograph->height }}"/>
                    <polygon class="measure" data-dam/>
                </svg>
                <div class="field wide">
                    <label for="points">{{ __('photograph.dam.points') }}</label>
                    <input class="form-control form-control-sm" id="points" name="points" value="{{ old('points') }}" required
                        maxlength="10000" autocomplete="off">
                </div>
                <button type="button" class="btn btn-outline-primary with-script" data-back>{{ __('photograph.dam.back') }}</button>
                <button class="btn btn-primary">{{ __('photograph.dam.press') }}</button>
            </form>
        @endif
        <form method="post" action="{{ route('pieces.photograph.destroy', $piece, false) }}">
            @csrf
            @method('delete')
            <button class="plain">{{ __('photograph.remove') }}</button>
        </form>
    @endif
</x-page>

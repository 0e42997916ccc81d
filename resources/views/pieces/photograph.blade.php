<x-page :title="'Photograph: ' . $piece->title" wide>
    <h1>Photograph under the plan</h1>
    <p><a href="{{ route('pieces.show', $piece, false) }}">{{ $piece->title }}</a>: lay the objects out dry, photograph them straight from above, and let the picture lie under the plan.</p>
    <x-errors/>
    <form method="post" action="{{ route('pieces.photograph.store', $piece, false) }}" enctype="multipart/form-data" class="inline">
        @csrf
        <label for="photograph">{{ $photograph === null ? 'A photograph' : 'Another one' }} (JPEG, PNG or WebP, at most 30 MB)</label>
        <input class="form-control form-control-sm" id="photograph" name="photograph" type="file" accept="image/jpeg,image/png,image/webp" required>
        <button class="btn btn-sm btn-outline-primary">Send it</button>
    </form>
    @if($photograph !== null)
        <h2>How large it is</h2>
        <p>Click the two ends of something whose length you know, then the middle of the vessel. Without a pointer, write the pixels, counted from the upper left corner.</p>
        <form method="post" action="{{ route('pieces.photograph.update', $piece, false) }}" data-scaling>
            @csrf @method('patch')
            <svg class="scaling" viewBox="0 0 {{ $photograph->width }} {{ $photograph->height }}" width="{{ $photograph->width }}" height="{{ $photograph->height }}" role="img" aria-label="The photograph">
                <image href="{{ route('pieces.photograph.show', [$piece, 'of' => $photograph->id], false) }}" width="{{ $photograph->width }}" height="{{ $photograph->height }}"/>
                <line class="measure" data-measure/>
                <path class="measure" data-middle d="M-14 0H14M0 -14V14"/>
            </svg>
            <div class="fields">
                @foreach(['x1' => ['First point, right', ''], 'y1' => ['First point, down', ''], 'x2' => ['Second point, right', ''], 'y2' => ['Second point, down', ''], 'length' => ['They are apart', ''], 'mx' => ['Middle, right', round($photograph->middle_x)], 'my' => ['Middle, down', round($photograph->middle_y)]] as $name => [$label, $usual])
                    <div class="field">
                        <label for="{{ $name }}">{{ $label }}</label>
                        <input class="form-control form-control-sm" id="{{ $name }}" name="{{ $name }}" value="{{ old($name, $usual) }}" required maxlength="40" @error($name) aria-invalid="true" @enderror>
                        @error($name)<p class="refused">{{ $message }}</p>@enderror
                    </div>
                @endforeach
            </div>
            <button class="btn btn-primary">Lay it under the plan</button>
        </form>
        <form method="post" action="{{ route('pieces.photograph.destroy', $piece, false) }}">@csrf @method('delete')<button class="plain">Throw the photograph away</button></form>
    @endif
</x-page>

<x-page :title="__('reference.title', ['piece' => $piece->title])" wide>
    <h1>{{ __('reference.head') }}</h1>
    <p><a href="{{ route('pieces.show', $piece, false) }}">{{ $piece->title }}</a>: {{ __('reference.lead') }}</p>
    <x-errors/>
    <form method="post" action="{{ route('pieces.reference.store', $piece, false) }}" enctype="multipart/form-data" class="inline">
        @csrf <x-once/>
        <label for="photograph">{{ __($view === null ? 'reference.first' : 'reference.another', App\Words\Limits::said()) }}</label>
        <input class="form-control form-control-sm" id="photograph" name="photograph" type="file" accept="image/jpeg,image/png,image/webp"
            required>
        <button class="btn btn-sm btn-outline-primary">{{ __('photograph.send') }}</button>
    </form>
    @if($view !== null)
        <div class="reference">
            <img src="{{ route('pieces.reference.show', [$piece, 'of' => $view->reference->id], false) }}" alt="{{ __('reference.alt') }}"
                width="{{ $view->reference->width }}" height="{{ $view->reference->height }}">
            <div>
                <h2>{{ __('reference.shades') }}</h2>
                <ul class="list">
                    @foreach($view->shades() as [$shade, $says])
                        <li>
                            <svg class="swatch" viewBox="0 0 20 20" width="20" height="20" aria-hidden="true"><rect width="20" height="20"
                                fill="{{ $shade }}"/></svg>
                            <span>{{ $shade }}, {{ $says }}</span>
                            <form method="post" action="{{ route('pieces.reference.update', $piece, false) }}">
                                @csrf @method('patch')
                                <button class="plain" name="shade" value="{{ $shade }}"
                                    aria-label="{{ __('reference.take-label', ['shade' => $shade]) }}">{{ __('reference.take') }}</button>
                            </form>
                        </li>
                    @endforeach
                </ul>
                <p class="quiet">{{ __('reference.note') }}</p>
                <form method="post" action="{{ route('pieces.reference.destroy', $piece, false) }}">
                    @csrf @method('delete')
                    <button class="plain">{{ __('reference.remove') }}</button>
                </form>
            </div>
        </div>
    @endif
</x-page>

<x-page :title="__('ways.title', ['piece' => $piece->title])">
    <h1>{{ __('ways.head') }} <a class="quiet" href="{{ route('pieces.show', $piece, false) }}">{{ $piece->title }}</a></h1>
    <x-errors/>
    @if($ways === null)
        <p role="status" id="ways-{{ $waiting ? uniqid() : 0 }}" hx-get="{{ route('pieces.ways', [$piece, 'find' => 1], false) }}"
            hx-trigger="load{{ $waiting ? ' delay:2s' : '' }}" hx-target="#main" hx-select="#main" hx-swap="outerHTML">
            {{ __($waiting ? 'ways.waiting' : 'ways.finding') }}
            <noscript><a href="{{ route('pieces.ways', [$piece, 'find' => 1], false) }}">{{ __('ways.find') }}</a></noscript>
        </p>
    @elseif($ways->count() === 0)
        <p>{{ __('ways.none') }}</p>
    @else
        <p class="quiet">{{ __('ways.lead') }}</p>
        <x-wide-table :label="__('ways.scrolls')">
            <table class="ways">
                <thead>
                    <tr>
                        <td></td>
                        @for($c = 0; $c < $ways->count(); $c++)<th scope="col">{{ $ways->head($c) }}</th>@endfor
                    </tr>
                </thead>
                <tbody>
                    <tr>
                        <th scope="row">{{ __('ways.drawn') }}</th>
                        @for($c = 0; $c < $ways->count(); $c++)
                            <td>
                                <svg class="stack" width="96" height="{{ $ways::DRAWN + 2 }}" aria-hidden="true">
                                    @foreach($ways->bands($c) as $band)
                                        <rect x="1" y="{{ $band['y'] + 1 }}" width="94" height="{{ $band['height'] }}"/>
                                        @if($band['height'] > 12)
                                            <text x="48" y="{{ $band['y'] + 0.5 * $band['height'] + 5 }}">{{ $band['number'] }}</text>
                                        @endif
                                    @endforeach
                                </svg>
                            </td>
                        @endfor
                    </tr>
                    @foreach($ways->lines() as $name => $cells)
                        <tr>
                            <th scope="row">{{ __("ways.lines.{$name}") }}</th>
                            @foreach($cells as $cell)<td>{{ $cell }}</td>@endforeach
                        </tr>
                    @endforeach
                    <tr>
                        <td></td>
                        @for($c = 0; $c < $ways->count(); $c++)
                            <td>
                                @if($ways->number($c) !== null)
                                    <form method="post" action="{{ route('pieces.ways.store', $piece, false) }}">
                                        @csrf
                                        <x-once/>
                                        <input type="hidden" name="of" value="{{ $piece->fingerprint() }}">
                                        <input type="hidden" name="way" value="{{ $ways->number($c) }}">
                                        <button class="btn btn-outline-primary"
                                            aria-label="{{ __('ways.take') }}: {{ $ways->head($c) }}">{{ __('ways.take') }}</button>
                                    </form>
                                @endif
                            </td>
                        @endfor
                    </tr>
                </tbody>
            </table>
        </x-wide-table>
        @if($ways->count() === 1 + (int) $ways->hasOwn())<p>{{ __('ways.only') }}</p>@endif
        <p class="quiet">{{ __('ways.note') }}</p>
    @endif
</x-page>

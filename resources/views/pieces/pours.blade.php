@php([$layout, $figures, $rail] = [$view->layout, $view->figures, $view->rail()])
@php([$rows, $waits] = [$rail?->rows(), $waiting ?? false])
<section aria-labelledby="times-head">
    <header>
        <h2 id="times-head">{{ __($view->isGiven() ? 'piece.pours.yours' : 'piece.pours.found-head') }}</h2>
        @if($view->isComputing())
            {{-- An id of its own each time, so that it asks anew. --}}
            <p class="status" role="status" id="computing-{{ $waits ? uniqid() : $view->piece->fingerprint() }}"
                hx-get="{{ route('pieces.heat', [$view->piece, 'of' => $view->piece->fingerprint(), ...$view->gaze->query()], false) }}"
                hx-trigger="load{{ $waits ? ' delay:2s' : '' }}" hx-target="#answer" hx-swap="outerMorph">
                {{ __($waits ? 'piece.waiting' : 'piece.computing') }}
                <noscript>
                    <a href="{{ route('pieces.show', [$view->piece, 'heat' => 1], false) }}">{{ __('piece.compute') }}</a>
                </noscript>
            </p>
        @elseif($rail === null)
            <p class="status">{{ __('piece.rail.none') }}</p>
        @else
            <p class="status"></p>
        @endif
        @include('pieces.rail-key')
    </header>
    @if($layout === null)
        <p>{{ __('piece.pours.none') }}</p>
    @else
        <div class="scrolls" tabindex="0" role="region" aria-label="{{ __('piece.rail.scrolls') }}">
            <table class="pours">
                <thead>
                    <tr>
                        @foreach(['pour', 'depth', 'a', 'b', 'peak'] as $column)
                            <th scope="col" class="{{ $column }}">{{ __("piece.pours.columns.{$column}") }}</th>
                        @endforeach
                        <th scope="col" class="track">
                            <span class="visually-hidden">{{ __('piece.rail.head') }}</span>
                            <svg width="100%" height="24" aria-hidden="true">
                                @foreach($rail?->days() ?? [] as $day)
                                    <line class="midnight" x1="{{ $day['x'] }}%" x2="{{ $day['x'] }}%" y1="4" y2="24"/>
                                    <text x="{{ $day['x'] }}%" dx="4" y="14">{{ $day['label'] }}</text>
                                @endforeach
                                @foreach($rail?->bench() ?? [] as [$x, $width])
                                    <rect class="hours" x="{{ $x }}%" y="19" width="{{ $width }}%" height="5"/>
                                @endforeach
                            </svg>
                        </th>
                    </tr>
                </thead>
                <tbody>
                    @foreach($layout->pours as $k => $pour)
                        @php([$a, $b] = $view->readings($k))
                        <tr data-select="pour-{{ $k }}">
                            <th scope="row">
                                <a href="#pour-{{ $k }}" aria-label="{{ __('piece.Pour', ['number' => $k + 1]) }}">{{ $k + 1 }}</a>
                            </th>
                            <td>{{ $figures->length($pour->depth()) }}</td>
                            <td class="act">{{ $a }}</td>
                            <td class="act">{{ $b }}</td>
                            <td>
                                {{ isset($view->answer?->simulation?->pours[$k]) ?
                                    $figures->heat($view->answer->simulation->pours[$k]->peakCelsius) : '…' }}
                            </td>
                            <td class="track">
                                <svg width="100%" height="28" @isset($rows[$k]) role="img"
                                    aria-label="{{ implode('; ', array_column($rows[$k], 'says')) }}" @else aria-hidden="true" @endisset>
                                    @include('pieces.rail-phases', [
                                        'railNights' => $rail?->nights() ?? [],
                                        'railDays' => $rail?->days() ?? [],
                                        'railPhases' => $rows[$k] ?? [],
                                        'railTop' => 5,
                                    ])
                                </svg>
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
    @endif
</section>

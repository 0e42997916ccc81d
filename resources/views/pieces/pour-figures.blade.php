@php([$pour, $figures] = [$view->layout->pours[$k], $view->figures])
@php([$a, $b] = $view->readings($k))
<div id="pour-figures-{{ $k }}" class="figures" @if($oob ?? false) hx-swap-oob="true" @endif>
    <dl>
        @foreach(($view->pours()->resinOf($k) === '' ? [] : ['resin' => $view->pours()->resinOf($k)]) + [
            'from'   => $figures->length($pour->bottom), 'depth' => $figures->length($pour->depth()),
            'a'      => $a, 'b' => $b,
            'volume' => $figures->volume(1e6 * $pour->volume),
            'peak'   => isset($view->answer?->simulation?->pours[$k]) ? $figures->heat($view->answer->simulation->pours[$k]->peakCelsius)
                : '…',
        ] as $name => $says)
            <div><dt>{{ __("piece.pours.figures.{$name}") }}</dt><dd>{{ $says }}</dd></div>
        @endforeach
    </dl>
    @php($acts = $view->acts($k))
    @if($acts !== null)
        @php($steps = $acts->steps())
        <details id="pour-acts-{{ $k }}" class="acts">
            <summary>{{ __('piece.pours.acts', ['takes' => $acts->takes()]) }}
                <svg width="100%" height="10" aria-hidden="true">
                    @foreach($steps as $step)
                        <rect x="{{ round($step['x'], 2) }}%" width="{{ max(0.4, round($step['width'], 2)) }}%" height="10"/>
                    @endforeach
                </svg>
            </summary>
            <ol>@foreach($steps as $step)<li><span class="quiet">{{ $step['from'] }}</span> {{ $step['says'] }}</li>@endforeach</ol>
        </details>
    @endif
    <p><a href="{{ route('pours.show', [$view->piece, $k], false) }}">{{ __('piece.pours.open', ['number' => $k + 1]) }}</a></p>
</div>

@php([$layout, $figures, $pieces] = [$view->layout, $view->figures, $view->plan->setup->pieces])
<section aria-labelledby="pours-head">
    <h2 id="pours-head">{{ __($view->isGiven() ? 'piece.pours.yours' : 'piece.pours.head') }}</h2>
    @if($layout === null)
        <p>{{ __('piece.pours.none') }}</p>
    @else
        <table class="pours">
            <thead>
                <tr>
                    @foreach(['pour', 'depth', 'a', 'b', 'peak'] as $column)
                        <th scope="col">{{ __("piece.pours.columns.{$column}") }}</th>
                    @endforeach
                </tr>
            </thead>
            <tbody>
                @foreach($layout->pours as $k => $pour)
                    @php([$a, $b] = $pour->batch->readings())
                    <tr>
                        <th scope="row">
                            <a href="{{ route('pours.show', [$view->piece, $k], false) }}"
                                aria-label="{{ __('piece.pours.open', ['number' => $k + 1]) }}">{{ $k + 1 }}</a>
                        </th>
                        <td>{{ $figures->length($pour->depth()) }}</td>
                        <td class="act">{{ $figures->reading($pour->batch->device, $a) }}</td>
                        <td class="act">{{ $figures->reading($pour->batch->device, $b) }}</td>
                        <td>
                            {{ isset($view->answer?->simulation?->pours[$k]) ?
                                $figures->heat($view->answer->simulation->pours[$k]->peakCelsius) : '…' }}
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        @if($pieces > 1)
            <p>
                {{ __('piece.pours.shared', ['pieces' => $pieces, 'volumes' => implode(', ', array_map(fn($pour,
                    $k) => __('piece.pours.volume', ['number' => $k + 1, 'volume' => $figures->volume(1e6 * $pour->volume)]),
                    $layout->pours, array_keys($layout->pours)))]) }}
            </p>
        @endif

        @foreach($view->plan->setup->compartments as $one)
            <p>
                {{ __($pieces > 1 ? 'piece.pours.compartment-each' : 'piece.pours.compartment', ['name' => $one->name,
                    'volume' => $figures->volume(1e6 * $one->shape->volumeTo($one->depth))]) }}
            </p>
        @endforeach

        <p class="quiet">
            {{ __('piece.pours.readings', ['device' => $view->words->inside($view->plan->studio->device->fact()),
                'loss' => $figures->grams($view->plan->studio->lossGrams)]) }}
        </p>
        @foreach([...$view->totals()->finished(), ...$view->totals()->stock()] as $line)<p class="quiet">{{ $line }}</p>@endforeach

        @if(!$view->isGiven() && $view->answer?->simulation !== null)
            <form method="post" action="{{ route('pieces.pours.store', $view->piece, false) }}">
                @csrf <x-once/>
                <button class="btn btn-sm btn-outline-primary">{{ __('piece.pours.edit') }}</button>
            </form>
        @endif
        @if($view->isGiven())
            <form method="post" action="{{ route('pieces.pours.destroy', $view->piece, false) }}">
                @csrf
                @method('delete')
                <input type="hidden" name="of" value="{{ $view->piece->fingerprint() }}">
                <button class="btn btn-sm btn-outline-primary">{{ __('piece.pours.find') }}</button>
            </form>
        @endif
    @endif
</section>

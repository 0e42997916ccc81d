@php([[$a, $b], [$aMl, $bMl]] = [$view->piece->readings($view->index), $view->measures()])
@if($batch->isShared)
<section aria-labelledby="batch">
    <h2 id="batch">{{ __('pour.measure.head') }}</h2>
    <p>
        {{ __('pour.measure.below', ['pour' => $view->index, 'amount' => $figures->poured($batch, $batch->fills())]) }}
        <a href="{{ route('pours.show', [$piece, $view->index - 1], false) }}">{{ __('piece.pours.open', ['number' => $view->index]) }}</a>
    </p>
</section>
@else
@php($device = $view->piece->words->inside($batch->device->fact()))
<section aria-labelledby="batch">
    <h2 id="batch">{{ __('pour.measure.head') }}</h2>
    @php($marked = $batch->device->unit() === 'ml')
    <div class="measured">
        <table class="weigh-one">
            <tr><th scope="row">{{ __('pour.measure.a') }}</th><td>{{ $a }}</td><td class="quiet">{{ $marked ? '' : $aMl }}</td></tr>
            <tr><th scope="row">{{ __('pour.measure.b') }}</th><td>{{ $b }}</td><td class="quiet">{{ $marked ? '' : $bMl }}</td></tr>
        </table>
        <x-cups :drawing="$view->piece->cups($view->index)"/>
    </div>
    <p>
        {{ __($marked ? 'pour.measure.with-marks' : 'pour.measure.with', ['device' => $device]) }}
        {{ __($plan->setup->pieces === 1 ? 'pour.measure.mix' : 'pour.measure.mix-many', [
            'mix'    => $figures->together($batch),
            'vessel' => $figures->poured($batch, $batch->mass), 'pieces' => $plan->setup->pieces,
            'loss'   => $figures->poured($batch, $batch->loss)]) }}
        @if($batch->held > 0.05){{ __('pour.measure.held', ['held' => $figures->poured($batch, $batch->held)]) }}@endif
        @if($batch->over() > 0.05 * $batch->needed())
            {{ __('pour.measure.left', ['left' => $figures->poured($batch, $batch->over())]) }}
        @endif

        @if($batch->also > 0.05){{ __('pour.measure.also', ['amount' => $figures->poured($batch, $batch->also)]) }}@endif
        @if($batch->topUp > 0.05){{ __('pour.measure.top-up', ['amount' => $figures->poured($batch, $batch->topUp)]) }}@endif
    </p>
    <ul>
        @foreach($view->findings as $finding)<li>{{ $view->piece->words->finding($finding) }}</li>@endforeach
        @if(!$batch->isDoubtful())
            <li>
                {{ Str::ucfirst(__('pour.measure.ratio', ['device' => $device,
                    'error' => $figures->percent($batch->ratioErrorPercent() / 100, 1), 'most' => $figures->percent($batch->warnPercent() /
                    100)])) }}
            </li>
        @endif
        @if($view->cups->isTooShort())<li><strong>{{ __('pour.measure.over') }}</strong>
            {{ __('pour.measure.over-by', ['life' => $figures->span($view->cups->life / 3600),
                'needed' => $figures->span($view->cups->needed / 3600)]) }}</li>
        @elseif($view->cups->mixes() > 1)<li><strong>{{ __('pour.measure.split', ['mixes' => $view->cups->mixes()]) }}</strong>
            {{ __('pour.measure.split-of', ['each' => $figures->poured($batch, $view->cups->gramsEach())]) }}</li>
        @else<li>{{ __($view->isParted() ? 'pour.measure.one-parted' : 'pour.measure.one-cup', [
            'life' => $figures->span(min($view->cups->life / 3600, 99)),
            'needed' => $figures->span($view->cups->needed / 3600)]) }}</li>@endif
        @if($view->wrongWay() !== null)<li>{{ __('pour.measure.volume') }} {{ $view->wrongWay() }}</li>@endif
    </ul>
    @if($plan->costs->areKnown())
        <p>{{ __('pour.measure.cost', ['price' => number_format($view->pour->costs($plan->costs, $plan->setup->pieces, $batch), 2)]) }}</p>
    @endif

    @foreach($view->piece->totals()->stock() as $line)<p class="quiet">{{ $line }}</p>@endforeach
</section>
@endif

@php([$batch, $figures, $piece] = [$view->pour->batch, $view->piece->figures, $view->piece->piece])
@php([[$a, $b], [$aMl, $bMl]] = [$view->readings(), $view->measures()])
<x-page :title="'Pour ' . ($view->index + 1) . ' of ' . $piece->title">
    <h1>Pour {{ $view->index + 1 }} <span class="quiet">of <a href="{{ route('pieces.show', $piece, false) }}">{{ $piece->title }}</a></span></h1>
    <x-errors/>
    <section aria-labelledby="batch">
        <h2 id="batch">Measure</h2>
        <table class="weigh-one">
            <tr><th scope="row">A (resin)</th><td>{{ $a }}</td><td class="quiet">{{ $aMl }}</td></tr>
            <tr><th scope="row">B (hardener)</th><td>{{ $b }}</td><td class="quiet">{{ $bMl }}</td></tr>
        </table>
        <p>On {{ $batch->device->words() }}; the small figures are both by volume, for marked cups. Never one by weight and one by volume. The mix is {{ $figures->mass($batch->mixed()) }}: {{ $figures->mass($batch->mass) }} for {{ $view->piece->plan->setup->pieces === 1 ? 'the vessel' : 'all ' . $view->piece->plan->setup->pieces . ' vessels' }}, {{ $figures->grams($batch->loss) }} for cup and stick{{ $batch->held > 0.05 ? ', ' . $figures->grams($batch->held) . ' held back clear' : '' }}.</p>
        <ul>
            @if($batch->goes() > 1)<li>Too much at a time: measure in {{ $batch->goes() }} goes, as near to equal as it shows.</li>@endif
            @if($batch->isDoubtful())<li>{{ Pensilis\Plan\LayoutJudge::ratio($batch, 'Too little for it', '')->message }}</li>@else<li>The device can hide a ratio error of {{ number_format($batch->ratioErrorPercent(), 1) }} %; up to 3 % is well.</li>@endif
            @if($view->cups->isTooShort())<li><strong>Even in small cups it is over before it is poured:</strong> {{ $figures->span($view->cups->life / 3600) }} of {{ $figures->span($view->cups->needed / 3600) }}. Cool the room, or take a slower resin.</li>
            @elseif($view->cups->cups > 1)<li><strong>Split it into {{ $view->cups->cups }} cups</strong> of {{ $figures->grams($view->cups->gramsEach) }}, one after another: in one cup it would heat itself and be over before it is poured.</li>
            @else<li>One cup will do: it stays usable for about {{ $figures->span(min($view->cups->life / 3600, 99)) }}, and mixing, standing and pouring take {{ $figures->span($view->cups->needed / 3600) }}.</li>@endif
            @if($view->wrongWay() !== null)<li>The label goes by volume. {{ $view->wrongWay() }}</li>@endif
        </ul>
        @if($view->piece->plan->costs->areKnown())<p>This pour costs {{ number_format($view->piece->plan->costs->ofPour($view->pour, $view->piece->plan->setup->pieces), 2) }}, with resin that is lost or held back and consumables.</p>@endif
    </section>
    <div class="columns">
        <section aria-labelledby="check">
            <h2 id="check">Is the cup right?</h2>
            <form method="get" action="{{ route('pours.show', [$piece, $view->index], false) }}">
                <label for="a">A weighed, g</label><input class="form-control" id="a" name="a" value="{{ old('a', request('a')) }}" inputmode="decimal" required>
                <label for="b">B weighed, g</label><input class="form-control" id="b" name="b" value="{{ old('b', request('b')) }}" inputmode="decimal" required>
                <button class="btn btn-outline-primary">Judge it</button>
            </form>
            @if($judged !== null)<p role="status" class="said">{{ $judged }}</p>@endif
        </section>
        <section aria-labelledby="mixed">
            <h2 id="mixed">Mixed</h2>
            <form method="post" action="{{ route('pours.mixings.store', [$piece, $view->index], false) }}">
                @csrf
                <label for="mixed-g">Mixed</label><input class="form-control" id="mixed-g" name="mixed" value="{{ old('mixed', round($batch->mixed(), 1) . ' g') }}" required maxlength="40">
                <label for="kept-g">Cup and stick kept</label><input class="form-control" id="kept-g" name="kept" value="{{ old('kept') }}" placeholder="4 g" required maxlength="40">
                <label for="over-g">Left over, still to be poured</label><input class="form-control" id="over-g" name="over" value="{{ old('over') }}" placeholder="0 g" maxlength="40">
                <button class="btn btn-primary">Keep it</button>
            </form>
            @if($median !== null)<p class="quiet">Your cups and sticks keep {{ $figures->grams($median) }}: the median of the last mixes; new pieces begin with it.</p>@endif
            @foreach($mixings as $mixing)<p class="quiet">{{ $mixing->created_at->format('j M, H:i') }}: {{ $figures->grams($mixing->mixed_g) }} mixed, {{ $figures->grams($mixing->kept_g) }} kept, {{ $figures->grams($mixing->over_g) }} over</p>@endforeach
            @if($leftover !== [])
                <h3>Where the rest may go</h3>
                <ol>@foreach($leftover as $line)<li>{{ $line }}</li>@endforeach</ol>
            @elseif(($mixings->first()?->over_g ?? 0) > 0)
                <p>No spare vessel of the <a href="{{ route('shelf', absolute: false) }}">shelf</a> takes it; mark those that may be filled with what is left. Let it cure in the open before it is thrown away, never down a drain.</p>
            @endif
        </section>
    </div>
    <p class="quiet">Gloves, goggles, moving air. A full cup runs away: put a hot cup outside on stone, never cap it, not in a bin.</p>
</x-page>

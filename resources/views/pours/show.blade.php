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

        @foreach($view->piece->totals()->stock() as $line)<p class="quiet">{{ $line }}</p>@endforeach
    </section>
    @php($cups = $view->coat->cupLines())
    @if($cups !== [])
        <section aria-labelledby="cups">
            <h2 id="cups">Cups</h2>
            <div class="wide-table" tabindex="0" role="region" aria-label="Cups, scrolls sideways">
                <table class="kinds cups">
                    <thead><tr><th scope="col">Cup</th><th scope="col" class="num">Mix in it</th><th scope="col">Stir in</th><th scope="col">Fills</th><th scope="col">Pour</th></tr></thead>
                    <tbody>
                        @foreach($cups as $cup)
                            <tr>
                                <th scope="row"><svg class="swatch" viewBox="0 0 20 20" width="20" height="20" aria-hidden="true"><rect width="20" height="20" fill="{{ $cup->swatch }}"/></svg> {{ $cup->name }}</th>
                                <td class="num act">{{ $cup->amount }}</td>
                                <td>@forelse($cup->doses as $dose)<div>{{ $dose }}</div>@empty nothing: it stays clear @endforelse</td>
                                <td>{{ $cup->fills }}</td><td>{{ $cup->from }}</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </div>
            <p class="quiet">Stir in less first, hold the stick up, and judge. Wet powders to a paste with a little clear; the solvent of a tint counts too. Fold flakes in slowly. Pour each from the side that lies away from the one before. The clear that a mother tint brings is part of its cup. What cup and stick keep comes on top, in the same shares.</p>
            <ul>
                @if($view->coat->isTraced())<li>Against yellowing: {{ $view->coat->trace() }}, through a mother tint.</li>@endif
                @php($thickening = $view->thickening())
                @if($thickening !== null)<li><strong>Thicken first.</strong> {{ $thickening }}</li>@endif
                @if(count($view->pour->portions->all) > 1)<li>{{ $view->pour->coat->merges ? 'Poured thin, neighbours run together and the larger one invades.' : 'A clear line between two keeps them apart; a drawn line creeps downhill on a bench that slopes.' }} An invaded region is not restored by clear poured over it.</li>@endif
            </ul>
            @php($darkening = $view->coat->darkening())
            @if($darkening !== [])
                <h3>Or out of one cup, darkened step by step</h3>
                <ol>@foreach($darkening as $line)<li>{{ $line }}</li>@endforeach</ol>
            @endif
        </section>
    @endif
    @if($view->pour->coat->applied !== [])
        <section aria-labelledby="applied">
            <h2 id="applied">On its set surface</h2>
            @foreach($view->pour->coat->applied as $one)
                <h3>{{ ucfirst($one->application->words()) }}@if($one->says !== '') “{{ $one->says }}”@endif</h3>
                <p>{{ $view->piece->figures->place($one->x, $one->y) }}, {{ $view->piece->figures->length($one->width) }} wide and {{ $view->piece->figures->length($one->height) }} high. {{ $one->isMirrored($view->piece->plan->setup->viewed) ? 'Lay it mirrored: it is read from the floor.' : ($one->application->reads() ? 'Lay it as it reads: it is read from ' . $view->piece->plan->setup->viewed->words() . '.' : '') }}</p>
                <p>Ready {{ $one->application->readiness() }}@if($one->application->drying() > 0); it dries {{ $view->piece->figures->span($one->application->drying()) }} before a coat may cover it, or as its label says @endif.</p>
                <ol>@foreach($one->application->checks() as $check)<li>{{ ucfirst($check) }}</li>@endforeach</ol>
            @endforeach
        </section>
    @endif
    @if($others->isNotEmpty())
        <details @if($shared !== null) open @endif>
            <summary><h2>Mix for another piece with it</h2></summary>
            <form method="get" action="{{ route('pours.show', [$piece, $view->index], false) }}" class="inline">
                <label for="with">The other piece</label>
                <select class="form-select form-select-sm" id="with" name="with">@foreach($others as $other)<option value="{{ $other->id }}" @selected($shared?->other->piece->id === $other->id)>{{ $other->title }}</option>@endforeach</select>
                @foreach($shared?->fitting ?? [] as $k => $fits)<label><input type="checkbox" name="also[]" value="{{ $k }}" @checked(in_array((string) $k, (array) request('also'), true))> its pour {{ $k + 1 }}, {{ $figures->volume($fits->batch->volume) }}</label>@endforeach
                <button class="btn btn-sm btn-outline-primary">Show it</button>
            </form>
            @if($shared !== null && $shared->fitting === [])<p class="quiet">None of its pours is of the same resin and colour.</p>@endif
            @if($shared?->batch !== null)
                @php([[$jointA, $jointAMl], [$jointB, $jointBMl]] = $view->both($shared->batch))
                <p role="status" class="said">Together: A {{ $jointA }} ({{ $jointAMl }}), B {{ $jointB }} ({{ $jointBMl }}), {{ $figures->mass($shared->batch->mixed()) }} in all; of it {{ $figures->volume($shared->batch->volume - 1e6 * $shared->more) }} for this piece and {{ $figures->volume(1e6 * $shared->more) }} for {{ $shared->other->piece->title }}. The device can hide a ratio error of {{ number_format($shared->batch->ratioErrorPercent(), 1) }} %.</p>
            @endif
        </details>
    @endif
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

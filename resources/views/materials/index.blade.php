<x-page title="Materials" wide>
    <h1>Materials</h1>
    <x-errors/>
    <p class="lead">Dry first, seal second, then decide how it is held. The figures are starting values; a test piece of your own goes before them, and nothing that cannot be had twice goes in untested. <a href="#own">Write down a test of your own</a>.</p>
    <dl class="lessons">
        <div><dt>Dry</dt><dd>Above 10 % water a piece hazes or rots, and a coat would lock the water in.</dd></div>
        <div><dt>Seal</dt><dd>Open pores let air go and drink resin. A bubble of 0.8 mm is the most that nobody minds: about 0.27 mm³ of air.</dd></div>
        <div><dt>Hold</dt><dd>What is lighter than resin lifts when the pour around it is deeper than its share of density times its height.</dd></div>
        <div><dt>Warm</dt><dd>No pour that touches it may grow hotter than it bears.</dd></div>
    </dl>
    <nav aria-label="Kinds" class="jump">@foreach(array_keys($known->byGroup()) as $group)<a href="#{{ Str::slug($group) }}">{{ $group }}</a>@endforeach</nav>
    @foreach($known->byGroup() as $group => $kinds)
        <section aria-labelledby="{{ Str::slug($group) }}">
            <h2 id="{{ Str::slug($group) }}">{{ $group }}</h2>
            <div class="wide-table" tabindex="0" role="region" aria-label="{{ $group }}, scrolls sideways">
                <table class="kinds">
                    <thead><tr><th scope="col">Kind</th><th scope="col">g/cm³ as it goes in</th><th scope="col">Air in 1 ml</th><th scope="col">Bears</th><th scope="col">Dry</th><th scope="col">Seal</th><th scope="col">Hold</th><th scope="col">In resin</th><th scope="col">Source</th></tr></thead>
                    <tbody>
                        @foreach($kinds as $kind)
                            <tr>
                                <th scope="row">{{ $kind->name }}</th>
                                <td class="num">{{ number_format($kind->substance->dryBulkDensity() / 1e3, 2) }}</td>
                                <td class="num">{{ number_format($kind->air(), 2) }} ml</td>
                                <td class="num">{{ $kind->substance->greatestCelsius === null ? 'any cure' : $kind->substance->greatestCelsius . ' °C' }}</td>
                                <td>{{ $kind->drying }}@if($kind->substance->moisturePercent > 10) <strong>(usually damp: {{ $kind->substance->moisturePercent }} %)</strong>@endif</td>
                                <td>{{ $kind->sealing }}@if($kind->bareUpTo() === null). May go in bare.@elseif($kind->bareUpTo() > 0.0). Bare up to {{ number_format($kind->bareUpTo(), 1) }} mm³.@elseif($kind->substance->bleeds). Bleeds: always.@else. Soaks: always.@endif</td>
                                <td>{{ $kind->floats() ? 'floats at ' . round(100 * $kind->draught()) . ' % of its height' : 'sinks' }}</td>
                                <td>{{ $kind->colour }}</td>
                                <td class="quiet">{{ $kind->source }}@if($kind->substance->fades), <strong>test piece first</strong>@endif</td>
                            </tr>
                            @foreach($known->findings[$kind->key] ?? [] as $finding)
                                <tr class="finding">
                                    <td colspan="8"><strong>{{ $finding->found_on->format('j M Y') }}</strong> {{ $finding->note }}</td>
                                    <td><form method="post" action="{{ route('findings.destroy', $finding, false) }}">@csrf @method('delete')<button class="plain">Take it back</button></form></td>
                                </tr>
                            @endforeach
                        @endforeach
                    </tbody>
                </table>
            </div>
        </section>
    @endforeach
    @include('materials.finding')
    <section aria-labelledby="ways" class="columns">
        <div>
            <h2 id="ways">Ways to dry</h2>
            <dl class="ways">@foreach(Pensilis\Material\Drying::cases() as $way)@if($way->hours() > 0)<dt>{{ ucfirst($way->words()) }}</dt><dd>counted as {{ Pensilis\Quantity\Duration::hours($way->hours())->print() }}</dd>@endif @endforeach</dl>
            <p class="quiet">Common practice. Weigh it now and then: what no longer loses weight is dry.</p>
        </div>
        <div>
            <h2>Ways to seal</h2>
            <dl class="ways">@foreach(Pensilis\Material\Sealer::cases() as $way)<dt>{{ ucfirst($way->words()) }}</dt><dd>{{ $way->reason() }}@if($way->coatMass() > 0); {{ round(1e3 * $way->coatMass()) }} g/m² a coat, {{ $way->between() }} h between coats, the last dries {{ $way->last() }} h @endif</dd>@endforeach</dl>
            <p class="quiet">Masses and times are memory; the label goes first. A piece chooses its own under “Use and face”.</p>
        </div>
    </section>
    <section aria-labelledby="schools">
        <h2 id="schools">Where practice disagrees</h2>
        <p><strong>Sealing.</strong> Brushed resin as a first coat (the default: it is what comes after, and holds best) · thin clear acrylic (quick, keeps petals flat) · craft glue, well dried (paper and print) · none for bone-dry pressed petals (test first).</p>
        <p><strong>Flowers' colour.</strong> Test piece (the default: only that shows it) · dye or ink before · accept the change.</p>
        <p><strong>Placing stones and glass.</strong> Wetted with resin first (the default: air has no place to hide) · dry and pressed.</p>
        <p class="quiet">Ashes and keepsakes: written consent, labels, never the whole amount, rehearse first; some laws treat remains specially.</p>
    </section>
</x-page>

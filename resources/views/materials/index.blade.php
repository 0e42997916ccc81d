<x-page :title="__('materials.title')" wide>
    <h1>{{ __('materials.title') }}</h1>
    <x-errors/>
    <p class="lead">{{ __('materials.lead') }} <a href="#own">{{ __('materials.own-link') }}</a>.</p>
    <dl class="lessons">
        @foreach(__('materials.lessons') as $name => $lesson)
            <div>
                <dt>{{ $name }}</dt>
                <dd>{{ strtr($lesson, [':bubble' => $figures->length(Pensilis\Material\Inclusion::BUBBLE_DIAMETER)]) }}</dd>
            </div>
        @endforeach
    </dl>
    <p class="find-kinds with-script">
        <label for="find-material">{{ __('materials.find') }}</label>
        <input class="form-control form-control-sm" type="search" id="find-material" data-finds="#materials" autocomplete="off"
            placeholder="{{ __('materials.find-example') }}">
    </p>
    <nav aria-label="{{ __('materials.kinds') }}" class="jump">
        @foreach(array_keys($known->byGroup()) as $group)<a href="#{{ $group }}">{{ App\Words\KindWords::group($group) }}</a>@endforeach
    </nav>
    <div id="materials">
    @foreach($known->byGroup() as $group => $kinds)
        <section aria-labelledby="{{ $group }}">
            <h2 id="{{ $group }}">{{ App\Words\KindWords::group($group) }}</h2>
            <x-wide-table :label="__('materials.scrolls', ['group' => App\Words\KindWords::group($group)])">
                <table class="kinds">
                    <thead><tr>@foreach(__('materials.columns') as $column)<th scope="col">{{ $column }}</th>@endforeach</tr></thead>
                    <tbody>
                        @foreach($kinds as $kind)
                            <tr data-find="{{ App\Words\KindWords::found($kind, $group, isset($known->findings[$kind->key])) }}">
                                <th scope="row">{{ App\Words\KindWords::name($kind) }}</th>
                                <td class="num">{{ number_format($kind->substance->dryBulkDensity() / 1e3, 2) }}</td>
                                <td class="num">{{ number_format($kind->air(), 2) }} ml</td>
                                <td class="num">
                                    {{ $kind->substance->greatestCelsius === null
                                        ? __('materials.any-cure')
                                        : $figures->heat($kind->substance->greatestCelsius) }}
                                </td>
                                <td>
                                    {{ App\Words\KindWords::drying($kind) }}
                                    @if($kind->substance->moisturePercent > Pensilis\Material\Inclusion::DAMP_PERCENT)
                                        <strong>
                                            {{ __('materials.damp', [
                                                'water' => $figures->percent($kind->substance->moisturePercent / 100),
                                            ]) }}
                                        </strong>
                                    @endif
                                </td>
                                <td>
                                    {{ App\Words\KindWords::sealing($kind) }}.
                                    @if($kind->bareUpTo() === null)
                                        {{ __('materials.bare') }}
                                    @elseif($kind->bareUpTo() > 0.0)
                                        {{ __('materials.bare-to', ['size' => $figures->length(1e-3 * $kind->bareUpTo() ** (1 / 3))]) }}
                                    @else
                                        {{ __($kind->substance->bleeds ? 'materials.bleeds' : 'materials.soaks') }}
                                    @endif
                                </td>
                                <td>
                                    {{ $kind->floats()
                                        ? __('materials.floats', ['share' => $figures->percent($kind->draught())])
                                        : __('materials.sinks') }}
                                </td>
                                <td>{{ App\Words\KindWords::colour($kind) }}</td>
                                <td class="quiet">
                                    {{ $kind->source }}@if($kind->substance->fades), <strong>{{ __('materials.test') }}</strong>@endif
                                    <a class="no-print" href="{{ route('materials', ['kind' => $kind->key], false) }}#own">{{
                                        __('materials.test-own') }}</a>
                                </td>
                            </tr>
                            @foreach($known->findings[$kind->key] ?? [] as $finding)
                                <tr class="finding" data-find="{{ App\Words\KindWords::found($kind, $group, true) }}">
                                    <td colspan="8"><strong>{{ $finding->found_on->format('j M Y') }}</strong> {{ $finding->note }}</td>
                                    <td>
                                        <form method="post" action="{{ route('findings.destroy', $finding, false) }}">
                                            @csrf
                                            @method('delete')
                                            <button class="plain">{{ __('materials.remove') }}</button>
                                        </form>
                                    </td>
                                </tr>
                            @endforeach
                        @endforeach
                    </tbody>
                </table>
            </x-wide-table>
        </section>
    @endforeach
    <p class="quiet" data-none hidden>{{ __('materials.none') }}</p>
    </div>
    @include('materials.finding')
    <section aria-labelledby="ways" class="columns">
        <div>
            <h2 id="ways">{{ __('materials.ways.dry') }}</h2>
            <dl class="ways">
                @foreach(Pensilis\Material\Drying::cases() as $way)
                    @if($way->hours() > 0)
                        <dt>{{ Str::ucfirst(App\Words\Words::choice($way)) }}</dt>
                        <dd>{{ __('materials.ways.counted', ['span' => $figures->span($way->hours())]) }}</dd>
                    @endif
                @endforeach
            </dl>
            <p class="quiet">{{ __('materials.ways.weigh') }}</p>
        </div>
        <div>
            <h2>{{ __('materials.ways.seal') }}</h2>
            <dl class="ways">
                @foreach(Pensilis\Material\Sealer::cases() as $way)
                    <dt>{{ Str::ucfirst(App\Words\Words::choice($way)) }}</dt>
                    <dd>
                        @if($way->coatMass() > 0)
                            {{ __('materials.ways.coats', [
                                'reason'  => App\Words\Words::choice($way, 'sealer-reason'),
                                'mass'    => round(1e3 * $way->coatMass()),
                                'between' => $figures->span($way->between()),
                                'last'    => $figures->span($way->last()),
                            ]) }}
                        @else
                            {{ App\Words\Words::choice($way, 'sealer-reason') }}
                        @endif
                    </dd>
                @endforeach
            </dl>
            <p class="quiet">{{ __('materials.ways.label') }}</p>
        </div>
    </section>
    <section aria-labelledby="schools">
        <h2 id="schools">{{ __('materials.schools.head') }}</h2>
        @foreach(array_diff_key(__('materials.schools'), ['head' => 1, 'caution' => 1]) as $question => $schools)
            <p><strong>{{ $question }}</strong> {{ $schools }}</p>
        @endforeach
        <p class="quiet">{{ __('materials.schools.caution') }}</p>
    </section>
</x-page>

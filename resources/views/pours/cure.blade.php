@php($model = $piece->piece)
@php($kind = $cure?->ofHeat === false ? 'conversion' : 'heat')
<x-page :title="__('cure.title', ['number' => $index + 1, 'piece' => $model->title])">
    <h1>
        {{ __('cure.head') }} <span class="quiet"><a
            href="{{ route('pours.show', [$model, $index], false) }}">{{ __('piece.Pour', ['number' => $index + 1]) }}</a>
            {{ __('pour.of') }} <a href="{{ route('pieces.show', $model, false) }}">{{ $model->title }}</a></span>
    </h1>
    <x-errors/>
    @if($cure === null)
        <p role="status">{{ __('cure.waiting') }}</p>
        <p><a class="btn btn-primary"
            href="{{ route('pieces.show', $model, false) }}">{{ __('cure.to-piece', ['piece' => $model->title]) }}</a></p>
    @else
        <p class="quiet">{{ __('cure.lead') }}</p>
        <nav class="either" aria-label="{{ __('cure.show') }}">
            @foreach(['heat', 'conversion'] as $one)
                <a href="{{ route('pours.cure', [$model, $index, 'of' => $one, 'frame' => $cure->frame], false) }}"
                    @if($one === $kind) aria-current="true" @endif>{{ __("cure.{$one}") }}</a>
            @endforeach
        </nav>
        <x-bands :bands="$cure->bands"/>
        <section aria-labelledby="field">
            <h2 id="field">{{ __("cure.field.{$kind}") }}</h2>
            <x-wide-table :label="__('cure.scrolls', ['what' => __('cure.field.' . $kind)])">@include('pours.cure-field')</x-wide-table>
        </section>
        <div class="columns">
            <section aria-labelledby="section">
                <h2 id="section">{{ __("cure.section.{$kind}") }}</h2>
                @include('pours.cure-section')
                <form method="get" class="film" data-frames="{{ json_encode($cure->frames()) }}"
                    data-moments="{{ json_encode($cure->moments()) }}" data-bands="{{ json_encode($cure->bands->all()) }}"
                    data-x="{{ $cure->frameX(0) }} {{ $cure->frameX(\Pensilis\Simulation\CureFilm::FRAMES) }}">
                    <input type="hidden" name="of" value="{{ $kind }}">
                    <label for="frame">{{ __('cure.frame') }}</label>
                    <output for="frame">{{ $cure->moment($cure->frame) }}</output>
                    <input type="range" class="form-range" id="frame" name="frame" min="0" max="{{ \Pensilis\Simulation\CureFilm::FRAMES }}"
                        value="{{ $cure->frame }}" aria-valuetext="{{ $cure->moment($cure->frame) }}">
                    <button class="btn btn-outline-primary">{{ __('cure.press') }}</button>
                    <button class="btn btn-outline-primary" type="button" data-play data-pause="{{ __('cure.pause') }}"
                        hidden>{{ __('cure.play') }}</button>
                </form>
            </section>
            <section aria-labelledby="meets">
                <h2 id="meets">{{ __('cure.meets.head') }}</h2>
                @if($cure->meets() === [])
                    <p>{{ __('cure.meets.none') }}</p>
                @else
                    <x-wide-table :label="__('cure.meets.scrolls')">
                        <table class="kinds short">
                            <thead>
                                <tr>@foreach(__('cure.meets.columns') as $column)<th scope="col">{{ $column }}</th>@endforeach</tr>
                            </thead>
                            <tbody>
                                @foreach($cure->meets() as [$name, $heat, $drift, $placed])
                                    <tr><th scope="row">{{ $name }}</th><td>{{ $heat }}</td><td>{{ $drift }}</td><td>{{ $placed }}</td></tr>
                                @endforeach
                            </tbody>
                        </table>
                    </x-wide-table>
                @endif
            </section>
        </div>
        <section aria-labelledby="curves">
            <h2 id="curves">{{ __('cure.curves.head') }}</h2>
            <x-wide-table :label="__('cure.scrolls', ['what' => __('cure.curves.' . $kind)])">@include('pours.cure-curves')</x-wide-table>
            <ul class="curve-names">
                @foreach($cure->places() as $n => [$letter, $name])
                    <li><svg viewBox="0 0 40 10" width="40" height="10" aria-hidden="true"><polyline class="curve curve-{{ $n }}"
                        points="0,5 40,5"/></svg> <b>{{ $letter }}</b> {{ $name }}</li>
                @endforeach
            </ul>
            <form method="get" class="inline">
                <input type="hidden" name="of" value="{{ $kind }}">
                <label for="height">{{ __('cure.curves.height') }}</label>
                <input class="form-control" id="height" name="height" value="{{ old('height', request('height')) }}">
                <button class="btn btn-outline-primary">{{ __('cure.curves.press') }}</button>
            </form>
            <details>
                <summary>{{ __('cure.table.head') }}</summary>
                <x-wide-table :label="__('cure.table.scrolls')">
                    <table class="kinds short">
                        <thead>
                            <tr>
                                <th scope="col">{{ __('cure.table.moment') }}</th>
                                @foreach($cure->places() as [$letter, $name])<th scope="col">{{ $letter }} {{ $name }}</th>@endforeach
                            </tr>
                        </thead>
                        <tbody>
                            @foreach($cure->table() as [$moment, $cells])
                                <tr><th scope="row">{{ $moment }}</th>@foreach($cells as $cell)<td>{{ $cell }}</td>@endforeach</tr>
                            @endforeach
                        </tbody>
                    </table>
                </x-wide-table>
            </details>
            <h2 id="what-if">{{ __('cure.if.head') }}</h2>
            @if($cure->otherwise === null)
                <p><a class="btn btn-outline-primary"
                    href="{{ route('pours.cure', [$model, $index, 'of' => $kind, 'if' => 1], false) }}#what-if">{{
                    __('cure.if.press') }}</a></p>
            @else
                <p class="quiet">{{ __('cure.if.lead') }}</p>
                <x-wide-table :label="__('cure.if.scrolls')">
                    <table class="kinds short">
                        <thead>
                            <tr>@foreach(__('cure.if.columns') as $column)<th scope="col">{{ $column }}</th>@endforeach</tr>
                        </thead>
                        <tbody>
                            @foreach($cure->otherwise->lines() as [$condition, $peak, $gels, $opens, $closes])
                                <tr>
                                    <th scope="row">{{ $condition }}</th><td>{{ $peak }}</td><td>{{ $gels }}</td><td>{{ $opens }}</td>
                                    <td>{{ $closes }}</td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                </x-wide-table>
                <p>{{ $cure->hotAir() }}</p>
            @endif
            <p>
                <a href="{{ route('pours.cure', [$model, $index, 'as' => 'csv'], false) }}">{{ __('cure.csv') }}</a> ·
                <a href="{{ route('pours.cure', [$model, $index, 'as' => 'svg', 'of' => $kind], false) }}">{{ __('cure.svg') }}</a>
            </p>
        </section>
    @endif
</x-page>

<x-page :title="__('shelf.implied.title', ['resin' => $view->supply->name])">
    <h1>{{ __('shelf.implied.head') }} <span class="quiet"><a
        href="{{ route('supplies.edit', $view->supply, false) }}">{{ $view->supply->name }}</a></span></h1>
    <x-shelf-nav :kind="$view->supply->kind"/>
    <x-errors/>
    <p class="quiet">{{ __('shelf.implied.lead') }}</p>
    @if($view->runsHot())<p role="status">{{ __('shelf.implied.runs-hot') }}</p>@endif
    <div class="columns">
        @foreach($view->all() as $what => [$chart, $rows])
            <section aria-labelledby="{{ $what }}">
                <h2 id="{{ $what }}">{{ __("shelf.implied.{$what}.head") }}</h2>
                <svg viewBox="0 0 {{ $chart::WIDTH }} {{ $chart::HEIGHT }}" class="cure-curves chart" role="img"
                    aria-label="{{ __("shelf.implied.{$what}.head") }}">
                    <text x="{{ $chart->left() - 6 }}" y="12" text-anchor="end">{{ $chart->unit }}</text>
                    @foreach($chart->edges() as $one)
                        <line class="step" x1="{{ $chart->left() }}" x2="{{ $chart->right() }}" y1="{{ $one['y'] }}" y2="{{ $one['y'] }}"/>
                        <text x="{{ $chart->left() - 6 }}" y="{{ $one['y'] + 4 }}" text-anchor="end">{{ $one['label'] }}</text>
                    @endforeach
                    @foreach($chart->across as $n => $name)
                        <text x="{{ $chart->x($n) }}" y="{{ $chart->foot() + 18 }}" text-anchor="middle">{{ $name }}</text>
                    @endforeach
                    @foreach($chart->lines() as $n => $line)
                        <polyline class="curve curve-{{ $n }}" points="{{ $line['points'] }}"/>
                    @endforeach
                    @foreach($what === 'window' ? $view->points($chart) : [] as [$x, $y])
                        <path class="own" d="M{{ $x - 4 }} {{ $y - 4 }}l8 8m0 -8l-8 8"/>
                    @endforeach
                </svg>
                @if(count($chart->lines()) > 1)
                    <ul class="curve-names">
                        @foreach($chart->lines() as $n => $line)
                            <li><svg viewBox="0 0 40 10" width="40" height="10" aria-hidden="true"><polyline class="curve curve-{{ $n }}"
                                points="0,5 40,5"/></svg> {{ $line['name'] }}</li>
                        @endforeach
                    </ul>
                @endif
                <table class="kinds short">
                    <thead>
                        <tr>@foreach(__("shelf.implied.{$what}.columns") as $column)<th scope="col">{{ $column }}</th>@endforeach</tr>
                    </thead>
                    <tbody>
                        @foreach($rows as $row)
                            <tr>@foreach($row as $n => $cell)@if($n === 0)<th scope="row">{{ $cell }}</th>@else<td>{{ $cell
                                }}</td>@endif @endforeach</tr>
                        @endforeach
                    </tbody>
                </table>
                <p class="quiet">{{ __("shelf.implied.{$what}.note") }}</p>
            </section>
        @endforeach
    </div>
    @include('shelf.gels')
</x-page>

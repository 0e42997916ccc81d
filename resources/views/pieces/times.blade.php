@php($rail = $view->rail())
@if($rail === null)
    <p class="quiet">{{ __('piece.rail.none') }}</p>
@else
    <section aria-labelledby="rail-head">
        <h2 id="rail-head">{{ __('piece.rail.head') }}</h2>
        <div class="rail" tabindex="0" role="region" aria-label="{{ __('piece.rail.scrolls') }}">
            <svg viewBox="0 0 {{ $rail::WIDTH }} {{ $rail->height() }}" role="img" aria-label="{{ __('piece.rail.label') }}">
                @foreach($rail->nights() as [$x, $width])
                    <rect class="night" x="{{ $x }}" y="{{ $rail::HEAD }}" width="{{ $width }}"
                        height="{{ $rail->height() - $rail::HEAD }}"/>
                @endforeach
                @foreach($rail->bench() as [$x, $width])
                    <rect class="hours" x="{{ $x }}" y="{{ $rail::HEAD - 5 }}" width="{{ $width }}" height="5"/>
                @endforeach
                @foreach($rail->days() as $day)
                    <line class="midnight" x1="{{ $day['x'] }}" x2="{{ $day['x'] }}" y1="4" y2="{{ $rail->height() }}"/>
                    <text x="{{ $day['x'] + 4 }}" y="15">{{ $day['label'] }}</text>
                @endforeach
                @foreach($rail->rows() as $row)
                    <text class="name" x="0" y="{{ $row['y'] + 20 }}">{{ $row['name'] }}</text>
                    @foreach($row['phases'] as $phase)<rect class="phase phase-{{ $phase['kind'] }}" x="{{ $phase['x'] }}"
                        y="{{ $row['y'] + 6 }}" width="{{ max(1.5, $phase['width']) }}"
                        height="18"><title>{{ $phase['says'] }}</title></rect>@endforeach
                @endforeach
            </svg>
        </div>
        @include('pieces.rail-key')
        <ol class="steps">
            @foreach($view->answer->tasks as $task)
                <li><time>{{ $view->figures->moment($task->start) }}</time> {{ $view->words->fact($task->what) }}</li>
            @endforeach
        </ol>
    </section>
@endif

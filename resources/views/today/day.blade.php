@php([$tooLong, $late, $conflicts, $crowded] = [$view->tooLong(), $view->late(), $view->conflicts(), $view->crowded()])
@php($oneMixes = $view->oneMixes())
<div id="day">
    @if($view->unplanned() !== [])
        <p class="status" role="status" hx-get="{{ route('today', ['find' => 1, 'minutes' => $view->atHand()], false) }}" hx-trigger="load"
            hx-target="#day" hx-swap="outerHTML" id="finding-{{ count($view->unplanned()) }}">
            {{ trans_choice('today.finding', count($view->unplanned())) }}
            <noscript><a href="{{ route('today', ['find' => 1], false) }}">{{ __('today.find') }}</a></noscript>
        </p>
    @endif
    <div class="today">
        <section aria-labelledby="now">
            <h2 id="now">{{ __('today.now', ['time' => $view->atHand()]) }}</h2>
            @include('today.list', ['lines' => $view->doable(), 'none' => __('today.nothing-now')])
            @if($tooLong !== [])
                <h3>{{ __('today.longer') }}</h3>
                @include('today.list', ['lines' => $tooLong, 'none' => ''])
            @endif
            @if($late !== [])
                <h2>{{ __('today.late-head') }}</h2>
                @include('today.list', ['lines' => $late, 'none' => '', 'anew' => true])
            @endif
        </section>
        <section aria-labelledby="ahead">
            <h2 id="ahead">{{ __('today.ahead') }}</h2>
            @include('today.list', ['lines' => $view->ahead(), 'none' => __('today.nothing-ahead')])
        </section>
    </div>
    @if($oneMixes !== [])
        <section aria-labelledby="one-mix">
            <h2 id="one-mix">{{ __('today.one-mix') }}</h2>
            <ul class="errands">
                @foreach($oneMixes as [$says, $shares])
                    <li>
                        <span>{{ $says }}</span>
                        @foreach($shares as [$one, $grams])
                            <a href="{{ route('pieces.show', $one->piece, false) }}">{{ $one->piece->title }}</a>
                            <span class="quiet">{{ $grams }}</span>
                        @endforeach
                    </li>
                @endforeach
            </ul>
        </section>
    @endif
    @if($view->going !== [])
        <section aria-labelledby="line">
            <h2 id="line">{{ __('today.line') }}</h2>
            @include('today.line')
        </section>
    @endif
    @if($conflicts !== [])
        <section aria-labelledby="conflicts">
            <h2 id="conflicts">{{ __('today.conflicts') }}</h2>
            <ul class="errands">
                @foreach($conflicts as [$all, $at, $making])
                    <li>
                        <span>
                            @foreach($all as $one)
                                <a href="{{ route('pieces.show', $one->piece, false) }}">{{ $one->piece->title }}</a>{{
                                    match ($loop->remaining) { 0 => '', 1 => ' ' . __('today.and'), default => ',' } }}
                            @endforeach
                        </span>
                        <span class="quiet">{{ trans_choice('today.at-once', count($all), ['at' => $at]) }}</span>
                        @foreach($making as $one)@include('today.make-room', ['for' => $one->piece])@endforeach
                    </li>
                @endforeach
            </ul>
        </section>
    @endif
    @if($crowded !== [])
        <section aria-labelledby="crowded">
            <h2 id="crowded">{{ __('today.crowded') }}</h2>
            @include('today.list', ['lines' => $crowded, 'none' => '', 'anew' => true])
        </section>
    @endif
    @if($view->stuck() !== [])
        <section aria-labelledby="stuck">
            <h2 id="stuck">{{ __('today.stuck') }}</h2>
            <p>
                @foreach($view->stuck() as $one)
                    <a href="{{ route('pieces.show', $one->piece, false) }}">{{ $one->piece->title }}</a>@if(!$loop->last) · @endif
                @endforeach
            </p>
        </section>
    @endif
</div>

@include('pieces.rail-key', ['railKinds' => ['work', 'liquid', 'tacky', 'window', 'hard', 'wanted', 'night']])
@php([$nights, $nowX] = [$view->nights(), $view->nowX()])
<div class="scrolls" tabindex="0" role="region" aria-label="{{ __('today.scrolls') }}">
    <table class="day-line">
        <thead>
            <tr>
                <th scope="col">{{ __('today.piece') }}</th>
                <th scope="col" class="track">
                    <span class="visually-hidden">{{ __('today.line') }}</span>
                    <svg width="100%" height="24" aria-hidden="true">
                        @foreach($view->days() as $day)
                            <line class="midnight" x1="{{ $day['x'] }}%" x2="{{ $day['x'] }}%" y1="4" y2="24"/>
                            <text x="{{ $day['x'] }}%" dx="4" y="14">{{ $day['label'] }}</text>
                        @endforeach
                    </svg>
                </th>
            </tr>
        </thead>
        <tbody>
            @foreach($view->going as $one)
                @php($phases = $view->phases($one))
                <tr>
                    <th scope="row"><a href="{{ route('pieces.show', $one->piece, false) }}">{{ $one->piece->title }}</a></th>
                    <td class="track">
                        <svg width="100%" height="28" @if($phases === []) aria-hidden="true" @else role="img"
                            aria-label="{{ implode('; ', array_column($phases, 'says')) }}" @endif>
                            @include('pieces.rail-phases', [
                                'railNights' => $nights,
                                'railDays' => [],
                                'railPhases' => $phases,
                                'railTop' => 6,
                            ])
                            @foreach($view->marks($one) as $x)
                                <rect class="wanted" x="{{ $x }}%" y="1" width="4" height="26"/>
                            @endforeach
                            <line class="now" x1="{{ $nowX }}%" x2="{{ $nowX }}%" y1="0" y2="28"/>
                        </svg>
                    </td>
                </tr>
            @endforeach
        </tbody>
    </table>
</div>

{{-- One pour in a track 28 px high: railNights, railDays (midnights), railPhases, railTop (px above the phases). --}}
@foreach($railNights as [$x, $width])
    <rect class="night" x="{{ $x }}%" y="0" width="{{ $width }}%" height="28"/>
@endforeach
@foreach($railDays as $day)
    <line class="midnight" x1="{{ $day['x'] }}%" x2="{{ $day['x'] }}%" y1="0" y2="28"/>
@endforeach
@foreach($railPhases as $phase)
    <rect class="phase phase-{{ $phase['kind'] }}" x="{{ $phase['x'] }}%" y="{{ $railTop }}"
        width="{{ max(0.2, $phase['width']) }}%" height="{{ 28 - 2 * $railTop }}"><title>{{ $phase['says'] }}</title></rect>
@endforeach

@if($lines === [])
    <p class="quiet">{{ $none }}</p>
@else
    <ul class="errands">
        @foreach($lines as $line)
            @php([$one, $what, $when] = $line)
            <li>
                <a href="{{ route('pieces.show', $one->piece, false) }}">{{ $one->piece->title }}</a>
                @if($what !== '')<span>{{ $what }}</span>@endif
                <span class="quiet">{{ $when }}</span>
                @if(($line[3] ?? '') !== '')<a href="{{ $line[3] }}">{{ __('today.noting') }}</a>@endif
                @if(($anew ?? false) && $one->hasPoursLeft())@include('today.make-room', ['for' => $one->piece])@endif
            </li>
        @endforeach
    </ul>
@endif

{{-- What panels say of the answer, each put where it stands; the fields between are left alone. --}}
@if($saved ?? false)
    <div id="refusal" class="refusal" role="alert" aria-live="assertive" hx-swap-oob="true"></div>
@endif
@foreach($view->plan->inclusions as $i => $inclusion)
    <p id="figures-{{ $i }}" class="quiet" hx-swap-oob="true">{{ $view->objects()->figures($inclusion) }}</p>
@endforeach
@if($view->isGiven())
    @foreach($view->layout->pours ?? [] as $k => $pour)
        @include('pieces.pour-figures', ['oob' => true])
        @foreach(array_keys($pour->coat->zones) as $z)
            <span id="region-says-{{ $k }}-{{ $z }}" class="quiet" hx-swap-oob="true">{{ $view->regionLine($k, $z) }}</span>
            <p id="region-figures-{{ $k }}-{{ $z }}" class="figure" hx-swap-oob="true">{{ $view->regionLine($k, $z) }}</p>
        @endforeach
    @endforeach
@else
    @include('pieces.found-pours', ['oob' => true])
@endif
@include('pieces.totals', ['oob' => true])
@include('pieces.tasks', ['oob' => true])

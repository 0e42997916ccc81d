{{-- What panels say of the answer, each put where it stands; the fields between are left alone. --}}
@if($saved ?? false)
    <div id="refusal" class="refusal" role="alert" aria-live="assertive" hx-swap-oob="true">@include('pieces.refused')</div>
@endif
@if($view->isGiven())
    @foreach(array_keys($view->layout->pours ?? []) as $k)@include('pieces.pour-figures', ['oob' => true])@endforeach
@else
    @include('pieces.found-pours', ['oob' => true])
@endif
@include('pieces.totals', ['oob' => true])
@include('pieces.tasks', ['oob' => true])

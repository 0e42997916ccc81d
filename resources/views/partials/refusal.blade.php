<p><strong>{{ __('places.errors.nothing') }}</strong></p>
<ul>@foreach(collect($messages)->flatten() as $message)<li>{{ $message }}</li>@endforeach</ul>

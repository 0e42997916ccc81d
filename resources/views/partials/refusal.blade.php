<p><strong>Nothing was changed.</strong></p>
<ul>@foreach(collect($messages)->flatten() as $message)<li>{{ $message }}</li>@endforeach</ul>

@if($errors->any())
    <div class="refusal" role="alert">
        <p><strong>Nothing was changed.</strong> {{ $errors->count() === 1 ? 'One thing needs another look:' : 'These need another look:' }}</p>
        <ul>@foreach($errors->all() as $message)<li>{{ $message }}</li>@endforeach</ul>
    </div>
@endif

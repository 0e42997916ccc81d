@if($errors->any())
    <div class="refusal" role="alert">
        <p><strong>{{ __('places.errors.nothing') }}</strong> {{ trans_choice('places.errors.look', $errors->count()) }}</p>
        <ul>@foreach($errors->all() as $message)<li>{{ $message }}</li>@endforeach</ul>
    </div>
@endif

@foreach($kinds as $group => $some)
    <fieldset>
        <legend>{{ $groups[$group] }}</legend>
        @foreach($some as $kind)<x-kind-offer :kind="$kind" :group="$group"/>@endforeach
    </fieldset>
@endforeach

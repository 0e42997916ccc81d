@props(['title', 'view', 'fields', 'open' => false])
@php($refused = collect($fields)->contains(fn($field) => $errors->has("f.{$field->pointer}")))
<details @if($open || $refused) open @endif>
    <summary><h2>{{ $title }}</h2></summary>
    {{ $slot }}
    <div class="fields">
        <x-inputs :view="$view" :fields="$fields"/>
    </div>
    {{ $after ?? '' }}
</details>

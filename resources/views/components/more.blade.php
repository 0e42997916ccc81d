@props(['id', 'says' => null, 'view' => null, 'fields' => []])
@php($refused = collect($fields)->contains(fn($field) => $errors->has("f.{$field->pointer}")))
<details class="more" id="{{ $id }}" @if($refused) open @endif>
    <summary>{{ $says ?? __('piece.more') }}</summary>
    @if($fields !== [])<div class="fields"><x-inputs :view="$view" :fields="$fields"/></div>@endif
    {{ $slot }}
</details>

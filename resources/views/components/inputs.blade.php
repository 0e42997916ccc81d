{{-- Closely written: a piece of five hundred objects has thousands of these. --}}
@props(['view', 'fields', 'form' => 'piece-form'])
@foreach($fields as $field)
@php
    [$id, $shown, $tip] = [$field->id(), $view->shown($field), $view->tip($field)];
    $typed = $view->typed($field, $shown);
    $refused = $errors->isNotEmpty() && $errors->has("f.{$field->pointer}");
    $marks = ($typed === $shown ? '' : ' data-shown="' . e($shown) . '"') . ($refused ? ' aria-invalid="true"' : '');
@endphp
<div class="field" @if($tip !== '') data-tip="{{ $tip }}" @endif><label for="{{ $id }}">{{ $field->label() }}</label>
@if($field->choices !== [])
<select class="form-select form-select-sm" id="{{ $id }}" name="f[{{ $field->pointer }}]" form="{{ $form }}"{!! $marks !!}>
@if($field->optional)<option value="">{{ $field->empty }}</option>@endif
@foreach($field->choices as $value => $words)
<option value="{{ $value }}" @selected($typed === (string) $value)>{{ $words }}</option>
@endforeach
</select>
@elseif($field->isLong())
<textarea class="form-control form-control-sm" id="{{ $id }}" name="f[{{ $field->pointer }}]" form="{{ $form }}" rows="3"
spellcheck="false"{!! $marks !!}>{{ $typed }}</textarea>
@else
<input class="form-control form-control-sm" type="{{ $field->input($typed) }}" id="{{ $id }}" name="f[{{ $field->pointer }}]"
form="{{ $form }}" autocomplete="off" value="{{ $typed }}" maxlength="{{ App\Words\Limits::LINE }}"{!! $marks !!}
@required(!$field->optional)>
@endif
@if($refused)<p class="refused">{{ $errors->first("f.{$field->pointer}") }}</p>@endif
</div>
@endforeach

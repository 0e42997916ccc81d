@props(['view', 'fields', 'form' => 'piece-form'])
@foreach($fields as $field)
    @php
        $id = $field->id();
        $shown = $view->shown($field);
        $typed = $view->typed($field, $shown);
        $refused = $errors->isNotEmpty() && $errors->has("f.{$field->pointer}");
    @endphp
    <div class="field" @if($view->tip($field) !== '') data-tip="{{ $view->tip($field) }}" @endif>
        <label for="{{ $id }}">{{ $field->label() }}</label>
        @if($field->choices !== [])
            <select class="form-select form-select-sm" id="{{ $id }}" name="f[{{ $field->pointer }}]" form="{{ $form }}"
                @if($typed !== $shown) data-shown="{{ $shown }}" @endif>
                @if($field->optional)<option value="">{{ $field->empty }}</option>@endif
                @foreach($field->choices as $value => $words)
                    <option value="{{ $value }}" @selected($typed === (string) $value)>{{ $words }}</option>
                @endforeach
            </select>
        @elseif($field->isLong())
            <textarea class="form-control form-control-sm" id="{{ $id }}" name="f[{{ $field->pointer }}]" form="{{ $form }}" rows="3"
                spellcheck="false" @if($typed !== $shown) data-shown="{{ $shown }}" @endif
                @if($refused) aria-invalid="true" @endif>{{ $typed }}</textarea>
        @else
            <input class="form-control form-control-sm" type="{{ $field->input($typed) }}" id="{{ $id }}"
                name="f[{{ $field->pointer }}]" form="{{ $form }}" autocomplete="off"
                value="{{ $typed }}" @if($typed !== $shown) data-shown="{{ $shown }}" @endif
                @if($refused) aria-invalid="true" @endif @if(!$field->optional) required @endif
                maxlength="{{ App\Words\Limits::LINE }}">
        @endif
        @if($refused)<p class="refused">{{ $errors->first("f.{$field->pointer}") }}</p>@endif
    </div>
@endforeach

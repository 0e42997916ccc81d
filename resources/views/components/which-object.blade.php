@props(['plan', 'name', 'id'])
<div class="field which">
    <label for="{{ $id }}">{{ __('piece.objects.which') }}</label>
    <select class="form-select form-select-sm" id="{{ $id }}" name="{{ $name }}" data-which>
        @foreach($plan->inclusions as $i => $one)
            <option value="{{ $name === 'for' ? "/inclusions/{$i}" : $one->id }}">{{ $one->id }}</option>
        @endforeach
    </select>
</div>

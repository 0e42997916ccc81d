@props(['parts', 'id'])
<div class="field which">
    <label for="{{ $id }}">{{ __('piece.regions.which') }}</label>
    <select class="form-select form-select-sm" id="{{ $id }}" name="part" data-part>
        @foreach($parts as $name => $says)<option value="{{ $name }}">{{ $says }}</option>@endforeach
    </select>
</div>

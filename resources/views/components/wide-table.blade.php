@props(['label'])
<div class="wide-table" tabindex="0" role="region" aria-label="{{ $label }}">
    {{ $slot }}
</div>

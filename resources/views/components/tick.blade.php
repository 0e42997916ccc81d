@props(['step', 'done'])
<label class="step">
    <input type="checkbox" name="done[]" form="ticks" value="{{ $step }}" @checked(in_array($step, $done, true)) data-tick>
    <span>{{ $slot }}</span>
</label>

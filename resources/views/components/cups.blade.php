@props(['drawing'])
<div class="drawn-cups">
    @foreach($drawing->cups() as $cup)
        <svg viewBox="0 0 230 104" width="230" height="104" role="img" aria-label="{{ $cup['name'] }}: {{ $cup['says'] }}">
            @php($y = fn(float $height): float => round(96 - 84 * $height, 1))
            @php($half = fn(float $height): float => round(26 + 8 * $height, 1))
            @foreach(array_reverse($cup['lines']) as [$height])
                <path class="cup-fill" d="M10 96 L{{ 36 - $half($height) }} {{ $y($height) }} H{{ 36 + $half($height) }} L62 96 Z"/>
            @endforeach
            @foreach($cup['marks'] as $height)
                <path class="cup-mark" d="M{{ 36 + $half($height) - 9 }} {{ $y($height) }} h9"/>
            @endforeach
            <path class="cup-wall" d="M2 12 L10 96 H62 L70 12"/>
            @foreach($cup['lines'] as [$height, $says])
                <path class="cup-line" d="M{{ 36 - $half($height) }} {{ $y($height) }} H{{ 36 + $half($height) + 8 }}"/>
                <text x="{{ 36 + $half($height) + 12 }}" y="{{ $y($height) + 5 }}">{{ $says }}</text>
            @endforeach
        </svg>
    @endforeach
</div>

@props(['x', 'y', 'half'])
<path d="M{{ $x - $half }} {{ $y }}h{{ 2 * $half }}M{{ $x }} {{ $y - $half }}v{{ 2 * $half }}"/>

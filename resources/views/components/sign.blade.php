@props(['state'])
<svg class="sign" viewBox="0 0 16 16" width="16" height="16" aria-hidden="true">
    @if($state === 'good')<circle cx="8" cy="8" r="7"/><path d="M4.5 8.2l2.5 2.6 4.6-5.4"/>
    @elseif($state === 'look')<path class="shape" d="M8 1.5L15 14.5H1z"/><path d="M8 6v4M8 12v.6"/>
    @elseif($state === 'bad')<rect x="1" y="1" width="14" height="14"/><path d="M5 5l6 6M11 5l-6 6"/>
    @else<circle class="open" cx="8" cy="8" r="6.4"/>@endif
</svg>

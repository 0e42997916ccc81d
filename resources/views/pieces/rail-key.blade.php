<p class="key" aria-hidden="true">
    @foreach($railKinds ?? ['work', 'liquid', 'tacky', 'window', 'hard', 'bench', 'night'] as $kind)
        <span><svg width="18" height="12"><rect class="phase phase-{{ $kind }}" width="18" height="12"/></svg>
            {{ __("piece.rail.key.{$kind}") }}</span>
    @endforeach
</p>

@php([$drawing, $section, $bands, $text] = [$cure->section->section, $cure->section, $cure->bands->all(), $cure->text($cure->frame)])
<svg viewBox="0 0 {{ $drawing::WIDTH }} {{ $drawing->height }}" class="cure-section" role="img" data-film
    aria-label="{{ __('cure.section.' . ($cure->ofHeat ? 'heat' : 'conversion')) }}">
    @if($drawing->board() !== null)
        @php([$x, $y, $width, $height] = $drawing->board())
        <rect class="board" x="{{ $x }}" y="{{ $y }}" width="{{ $width }}" height="{{ $height }}"/>
    @endif
    <polygon class="mold" points="{{ $drawing->outside() }}"/>
    <polygon class="empty" points="{{ $drawing->whole() }}"/>
    <x-tint :cells="$section" :bands="$bands" :text="$text" name="inside"/>
    @foreach($drawing->layers() as $layer)
        <line class="edge" x1="{{ $layer['left'] }}" x2="{{ $layer['right'] }}" y1="{{ $layer['top'] }}" y2="{{ $layer['top'] }}"/>
        <text class="level" x="{{ $drawing::WIDTH - 2 }}" y="{{ $layer['top'] + 4 }}" text-anchor="end">{{ $layer['label'] }}</text>
    @endforeach
    @foreach($cure->objects() as $object)
        <g class="outline"><x-body-of :object="$object"/></g>
    @endforeach
</svg>

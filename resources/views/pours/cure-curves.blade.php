@php($drawing = $cure->drawing)
<svg viewBox="0 0 {{ $drawing::WIDTH }} {{ $drawing::CURVES }}" class="cure-curves" role="img"
    aria-label="{{ __('cure.curves.' . ($cure->ofHeat ? 'heat' : 'conversion')) }}">
    @foreach($drawing->edges() as $one)
        <line class="step" x1="{{ $drawing->left() }}" x2="{{ $drawing->right() }}" y1="{{ $one['y'] }}" y2="{{ $one['y'] }}"/>
        <text x="{{ $drawing->left() - 6 }}" y="{{ $one['y'] + 4 }}" text-anchor="end">{{ $one['label'] }}</text>
    @endforeach
    @foreach($cure->marks() as $n => $mark)
        <line class="mark" x1="{{ $mark['x'] }}" x2="{{ $mark['x'] }}" y1="{{ $drawing->line($n) - 10 }}"
            y2="{{ $drawing->foot($drawing::CURVES) }}"/>
        <text class="mark-name" x="{{ $mark['x'] }}" y="{{ $drawing->line($n) }}"
            @if($mark['isLate']) dx="-4" text-anchor="end" @else dx="4" @endif>{{ $mark['says'] }}</text>
    @endforeach
    @foreach($cure->curves() as $n => $curve)
        <polyline class="curve curve-{{ $n }}" points="{{ $curve['points'] }}"/>
        <text class="curve-name" x="{{ $curve['x'] }}" y="{{ $curve['y'] - 4 }}" text-anchor="middle">{{ $curve['name'] }}</text>
    @endforeach
    @include('pours.cure-hours', ['foot' => $drawing->foot($drawing::CURVES)])
    <line class="now" x1="{{ $cure->frameX($cure->frame) }}" x2="{{ $cure->frameX($cure->frame) }}" y1="6"
        y2="{{ $drawing->foot($drawing::CURVES) }}" data-now/>
</svg>

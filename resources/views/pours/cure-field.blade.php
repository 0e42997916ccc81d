@props(['cure', 'alone' => false])
@php([$drawing, $bands] = [$cure->drawing, $cure->bands->all()])
@php($name = __('cure.field.' . ($cure->ofHeat ? 'heat' : 'conversion')))
<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 {{ $drawing::WIDTH }} {{ $drawing::FIELD }}" class="cure-field" role="img"
    aria-label="{{ $name }}" @if($alone) width="{{ $drawing::WIDTH }}" height="{{ $drawing::FIELD + 40 }}" font-family="sans-serif"
    font-size="12" @endif>
    @foreach($drawing->field() as $one)
        <rect x="{{ $one['x'] }}" y="{{ $one['y'] }}" width="{{ $one['width'] }}" height="{{ $one['height'] }}"
            fill="{{ $bands[$one['band']]['shade'] }}" stroke="{{ $bands[$one['band']]['shade'] }}" stroke-width="0.4"/>
    @endforeach
    @foreach($drawing->digits() as $one)
        <text x="{{ $one['x'] }}" y="{{ $one['y'] }}" text-anchor="middle" font-size="11"
            class="{{ $bands[$one['band']]['ink'] }}"
            fill="{{ $bands[$one['band']]['ink'] === 'on-light' ? '#12202a' : '#ffffff' }}">{{ $bands[$one['band']]['digit'] }}</text>
    @endforeach
    @foreach($drawing->levels() as $one)
        <line x1="{{ $one['x'] }}" x2="{{ $drawing->right() }}" y1="{{ $one['y'] }}" y2="{{ $one['y'] }}" stroke="#ffffff"
            stroke-width="1"/>
        <text x="{{ $drawing->left() - 6 }}" y="{{ $one['y'] + 4 }}" text-anchor="end" font-size="12">{{ $one['label'] }}</text>
    @endforeach
    @include('pours.cure-hours', ['foot' => $drawing->foot($drawing::FIELD)])
    @if($alone)
        @foreach($bands as $n => $band)
            <rect x="{{ $drawing->left() + 76 * $n }}" y="{{ $drawing::FIELD + 6 }}" width="14" height="14" fill="{{ $band['shade'] }}"/>
            <text x="{{ $drawing->left() + 76 * $n + 18 }}" y="{{ $drawing::FIELD + 17 }}">{{ $band['digit'] }}: {{ $band['from'] }}–{{
                $band['to'] }}</text>
        @endforeach
    @else
        <line class="now" x1="{{ $cure->frameX($cure->frame) }}" x2="{{ $cure->frameX($cure->frame) }}" y1="6"
            y2="{{ $drawing->foot($drawing::FIELD) }}" data-now/>
    @endif
</svg>

@foreach($drawing->hours() as $one)
    <line x1="{{ $one['x'] }}" x2="{{ $one['x'] }}" y1="{{ $foot }}" y2="{{ $foot + 5 }}" stroke="#0f3b45" stroke-width="1"/>
    <text x="{{ $one['x'] }}" y="{{ $foot + 18 }}" text-anchor="middle" font-size="12">{{ $one['label'] }}</text>
@endforeach

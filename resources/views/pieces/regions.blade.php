{{-- The regions of one coat: each is a thing to select, its edges are taken hold of. --}}
@php([$k, $grips] = [$regions->pour, $regions->grips])
@foreach($regions->areas() as $z => [$shade, $path])
    <a class="part region-part" id="plan-{{ $z < 0 ? "ground-{$k}" : "region-{$k}-{$z}" }}"
        href="#{{ $z < 0 || !$view->isGiven() ? "pour-{$k}" : "region-{$k}-{$z}" }}" draggable="false"
        aria-label="{{ $z < 0 ? __('piece.regions.ground', ['number' => $k + 1]) : $regions->nameOf($z) }}"
        @if($z >= 0 && $view->isGiven()) data-region="{{ $k }}-{{ $z }}" data-moves="{{ $grips->shape($z) }}"
            data-degrees="{{ $grips->degrees($z) }}" @endif>
        <path class="region" fill="{{ $shade }}" d="{{ $path }}"/>
    </a>
@endforeach
@foreach($regions->edges as [$x, $y, $toX, $toY])
    <line class="region-edge" x1="{{ $x }}" y1="{{ $y }}" x2="{{ $toX }}" y2="{{ $toY }}"/>
@endforeach
@foreach($view->isGiven() ? array_keys($view->plan->pours[$k]->coat->zones) : [] as $z)
    @foreach($grips->of($z) as $n => $grip)
        <g class="grip" id="grip-{{ $k }}-{{ $z }}-{{ $n }}" tabindex="0" role="slider" data-grip="{{ $grip->key }}"
            data-kind="{{ $grip->kind }}" data-of="{{ $k }}-{{ $z }}" data-value="{{ $grip->value }}"
            data-across="{{ implode(',', $grip->across) }}" data-marks="{{ implode(',', $grip->marks) }}" aria-valuenow="{{ $grip->value }}"
            aria-label="{{ __("piece.regions.grips.{$grip->key}", ['region' => $regions->nameOf($z), 'number' => $n + 1]) }}">
            @php([$x, $y, $toX, $toY] = $grip->drawn)
            @if($grip->kind === 'line')
                <line class="hold" x1="{{ $x }}" y1="{{ $y }}" x2="{{ $toX }}" y2="{{ $toY }}"/>
                <line class="shown-edge" x1="{{ $x }}" y1="{{ $y }}" x2="{{ $toX }}" y2="{{ $toY }}"/>
            @elseif($grip->kind === 'round')
                <circle class="hold" cx="{{ $x }}" cy="{{ $y }}" r="{{ $toX }}"/>
                <circle class="shown-edge" cx="{{ $x }}" cy="{{ $y }}" r="{{ $toX }}"/>
            @else
                <circle class="hold" cx="{{ $x }}" cy="{{ $y }}" r="12"/>
                <circle class="spot" cx="{{ $x }}" cy="{{ $y }}" r="4"/>
            @endif
        </g>
    @endforeach
@endforeach

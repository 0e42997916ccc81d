@php([$drawings, $figures, $turned] = [$view->drawings(), $view->figures, $view->gaze->turned])
@php([$section, $plan] = [$drawings->section, $drawings->plan])
<div class="gaze">
    <label for="gaze-from">{{ __('piece.drawings.from') }}</label>
    <input type="range" class="form-range" id="gaze-from" name="from" form="piece-form" min="0" max="345" step="15"
        value="{{ $view->gaze->degrees }}" aria-valuetext="{{ __('piece.drawings.round-from', ['degrees' => $view->gaze->degrees]) }}">
    <output for="gaze-from">
        {{ __($view->gaze->degrees === 0 ? 'piece.drawings.front' : 'piece.drawings.round', ['degrees' => $view->gaze->degrees]) }}
    </output>
    <label><input type="checkbox" name="turned" value="1" form="piece-form" @checked($turned)> {{ __('piece.drawings.turned') }}</label>
    <label><input type="checkbox" name="tinted" value="1" form="piece-form" @checked($view->gaze->tinted)>
        {{ __('piece.drawings.heat') }}</label>
    @if(count($drawings->divided) > 1)
        <label>
            {{ __('piece.drawings.regions-of') }}
            <select class="form-select form-select-sm d-inline-block w-auto" name="coat" form="piece-form">
                @foreach($drawings->divided as $k)
                    <option value="{{ $k }}" @selected($drawings->shown === $k)>{{ __('piece.pour', ['number' => $k + 1]) }}</option>
                @endforeach
            </select>
        </label>
    @endif

    <span class="zoom">
        <button type="button" class="btn btn-sm btn-outline-primary" data-zoom="in"
            aria-label="{{ __('piece.drawings.nearer') }}">+</button>
        <button type="button" class="btn btn-sm btn-outline-primary" data-zoom="out"
            aria-label="{{ __('piece.drawings.farther') }}">−</button>
    </span>
</div>
@include('pieces.section')
@include('pieces.plan')
@if($drawings->side !== null)
    @include('pieces.side', ['side' => $drawings->side])
@endif
@if($drawings->face !== null)
    @include('pieces.face', ['face' => $drawings->face])
@endif

{{-- What is done with the object that is selected; which one is chosen by hand only where there is no script. --}}
<div id="object-doings" class="panel-more">
    <x-more id="object-repeat" :says="__('piece.objects.repeat.head')">
        <x-act :to="route('pieces.objects.repeat', $view->piece, false)" once class="fields">
            <x-which-object :plan="$view->plan" name="object" id="repeat-which"/>
            <div class="field">
                <label for="repeat-times">{{ __('piece.objects.repeat.times') }}</label>
                <input class="form-control form-control-sm" id="repeat-times" name="times" type="number"
                    min="{{ App\Interchange\PlanFile\Repeat::LEAST }}" max="{{ App\Interchange\PlanFile\Repeat::MOST }}"
                    placeholder="{{ __('piece.objects.repeat.fit') }}">
            </div>
            <div class="field">
                <label for="repeat-way">{{ __('piece.objects.repeat.way') }}</label>
                <select class="form-select form-select-sm" id="repeat-way" name="way">
                    @foreach(App\Interchange\PlanFile\Repeat::WAYS as $way)
                        <option value="{{ $way }}">{{ __("piece.objects.repeat.{$way}") }}</option>
                    @endforeach
                </select>
            </div>
            <div class="field">
                <label for="repeat-far">{{ __('piece.objects.repeat.far') }}</label>
                <input class="form-control form-control-sm" id="repeat-far" name="far" autocomplete="off"
                    maxlength="{{ App\Words\Limits::QUANTITY }}" placeholder="{{ __('piece.objects.repeat.usual') }}">
            </div>
            <div class="field">
                <label for="repeat-gap">{{ __('piece.objects.repeat.gap') }}</label>
                <input class="form-control form-control-sm" id="repeat-gap" name="gap" autocomplete="off"
                    maxlength="{{ App\Words\Limits::QUANTITY }}" placeholder="{{ __('piece.objects.repeat.usual') }}">
            </div>
            <div class="field">
                <label for="repeat-start">{{ __('piece.objects.repeat.start') }}</label>
                <input class="form-control form-control-sm" id="repeat-start" name="start" type="number" min="0" max="360" step="any"
                    placeholder="{{ __('piece.objects.repeat.here') }}">
            </div>
            <div class="field"><button class="btn btn-sm btn-outline-primary">{{ __('piece.objects.repeat.press') }}</button></div>
        </x-act>
    </x-more>
    <x-more id="object-mesh" :says="__('piece.objects.mesh')">
        <x-mesh-form :view="$view" id="mesh-object" :label="__('piece.vessel.mesh-object')">
            <x-which-object :plan="$view->plan" name="for" id="mesh-which"/>
        </x-mesh-form>
    </x-more>
    <x-act :to="route('pieces.objects.destroy', $view->piece, false)" method="delete">
        <x-which-object :plan="$view->plan" name="object" id="remove-which"/>
        <button class="plain">{{ __('piece.objects.remove') }}</button>
    </x-act>
</div>

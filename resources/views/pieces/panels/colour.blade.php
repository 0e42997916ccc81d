@php($coats = $form->fields->coats())
<x-panel of="colour" :title="__('piece.colours.head')">
    @if(!$view->isGiven())
        <p>{{ __('piece.colours.teach') }}</p>
        @if($view->layout !== null)@include('pieces.edit-pours')@endif
    @else
        <ul class="list">
            @foreach(array_keys($view->layout->pours ?? []) as $k)
                <li>
                    <a href="#pour-{{ $k }}">{{ __('piece.Pour', ['number' => $k + 1]) }}</a>
                    <span class="quiet">{{ $view->pours()->coat($k)->line() }}</span>
                </li>
            @endforeach
        </ul>
        <h3>{{ __('piece.colours.palette') }}</h3>
        @foreach(array_values($view->plan->colours) as $i => $colour)
            <details class="colour-row more" id="colour-{{ $i }}">
                <summary>
                    <svg class="swatch" viewBox="0 0 20 20" width="20" height="20" aria-hidden="true">
                        <rect width="20" height="20" fill="{{ $colour->shade->toHex() }}"/>
                    </svg>
                    {{ $colour->name }}
                    <span class="quiet">
                        {{ App\Words\Words::choice($colour->kind) }}: {{ App\Words\Words::choice($colour->kind, 'dose-unit') }}
                    </span>
                </summary>
                <p class="ladder">
                    @foreach($colour->kind->ladder() as $step => $dose)
                        <span>
                            <svg class="swatch" viewBox="0 0 20 20" width="28" height="28" aria-hidden="true">
                                <rect width="20" height="20"
                                    fill="{{ Pensilis\Colour\Recipe::of([[$colour, $dose]])->swatch()->toHex() }}"/>
                            </svg>
                            {{ __('piece.colours.step', ['step' => __("choices.ladder.{$step}"), 'dose' => $dose]) }}
                        </span>
                    @endforeach
                    <span class="quiet">
                        {{ __('piece.colours.ladder', [
                            'unit' => App\Words\Words::choice($colour->kind, 'dose-unit'),
                            'deep' => $view->figures->length(Pensilis\Colour\Recipe::CUP),
                        ]) }}
                    </span>
                </p>
                <div class="fields"><x-inputs :view="$form->texts" :fields="$coats->colour($i)"/></div>
                <x-act :to="route('pieces.colours.destroy', $view->piece, false)" method="delete">
                    <input type="hidden" name="colour" value="{{ $colour->id }}">
                    <button class="plain">{{ __('piece.colours.remove', ['colour' => $colour->name]) }}</button>
                </x-act>
            </details>
        @endforeach
        <x-act :to="route('pieces.colours.store', $view->piece, false)" once class="inline">
            <label for="colour-more">{{ __('piece.colours.more') }}</label>
            <select class="form-select form-select-sm" id="colour-more" name="colour">
                @foreach($palette as $key => $colour)<option value="{{ $key }}">{{ $colour['name'] }}</option>@endforeach
            </select>
            <button class="btn btn-sm btn-outline-primary">{{ __('piece.colours.add') }}</button>
        </x-act>
    @endif
</x-panel>

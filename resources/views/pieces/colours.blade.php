@php($coats = $form->fields->coats())
<section aria-labelledby="colours" class="objects">
    <h2 id="colours">{{ __('piece.colours.head') }}</h2>
    @if(!$view->isGiven())
        <p class="quiet">{{ __('piece.colours.teach') }}</p>
    @else
        @foreach(array_values($view->plan->colours) as $i => $colour)
            <details class="colour-row" id="colour-{{ $i }}">
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
                <div class="fields"><x-inputs :view="$form" :fields="$coats->colour($i)"/></div>
                <form method="post" action="{{ route('pieces.colours.destroy', $view->piece, false) }}">
                    @csrf
                    @method('delete')
                    <input type="hidden" name="colour" value="{{ $colour->id }}">
                    <button class="plain">{{ __('piece.colours.remove', ['colour' => $colour->name]) }}</button>
                </form>
            </details>
        @endforeach
        <form method="post" action="{{ route('pieces.colours.store', $view->piece, false) }}" class="inline">
            @csrf <x-once/>
            <label for="colour">{{ __('piece.colours.more') }}</label>
            <select class="form-select form-select-sm" id="colour" name="colour">
                @foreach($palette as $key => $colour)<option value="{{ $key }}">{{ $colour['name'] }}</option>@endforeach
            </select>
            <button class="btn btn-sm btn-outline-primary">{{ __('piece.colours.add') }}</button>
        </form>
        @foreach(array_keys($view->plan->pours) as $k)
            <details class="coat" id="coat-{{ $k }}">
                <summary>
                    <h3>{{ __('piece.Pour', ['number' => $k + 1]) }}</h3>
                    <span class="quiet">{{ $view->coat($k)->line() }}</span>
                </summary>
                <div class="fields"><x-inputs :view="$form" :fields="$coats->ground($k)"/></div>
                @foreach($coats->zones($k) as $z)
                    <div class="fields zone">
                        <x-inputs :view="$form" :fields="$coats->zone($k, $z)"/>
                    </div>
                @endforeach

                <div class="fields"><x-inputs :view="$form" :fields="$coats->moreZones($k)"/></div>
                <div class="fields"><x-inputs :view="$form" :fields="$coats->applied($k)"/></div>
                <div class="inline">
                    @if($k > 0)
                        <form method="post" action="{{ route('pieces.recipes.update', [$view->piece, $k], false) }}">
                            @csrf
                            @method('put')
                            <input type="hidden" name="of" value="{{ $view->piece->fingerprint() }}">
                            <button class="btn btn-sm btn-outline-primary" name="from"
                                value="pour-{{ $k - 1 }}">{{ __('piece.colours.as', ['number' => $k]) }}</button>
                        </form>
                    @endif
                    @if($view->plan->pours[$k]->coat->isColoured())
                        <form method="post" action="{{ route('recipes.store', [$view->piece, $k], false) }}" class="inline">
                            @csrf <x-once/>
                            <label for="recipe-{{ $k }}">{{ __('piece.colours.keep-as') }}</label><input
                                class="form-control form-control-sm" id="recipe-{{ $k }}" name="name" required
                                maxlength="{{ App\Words\Limits::NAME }}"
                                placeholder="{{ __('piece.colours.example') }}">
                            <button class="btn btn-sm btn-outline-primary">{{ __('piece.colours.keep') }}</button>
                        </form>
                    @endif
                    @if($recipes->isNotEmpty())
                        <form method="post" action="{{ route('pieces.recipes.update', [$view->piece, $k], false) }}" class="inline">
                            @csrf @method('put')
                            <input type="hidden" name="of" value="{{ $view->piece->fingerprint() }}">
                            <label for="from-{{ $k }}">{{ __('piece.colours.take') }}</label>
                            <select class="form-select form-select-sm" id="from-{{ $k }}" name="from">
                                @foreach($recipes as $recipe)<option value="{{ $recipe->id }}">{{ $recipe->name }}</option>@endforeach
                            </select>
                            <button class="btn btn-sm btn-outline-primary">{{ __('piece.colours.take-it') }}</button>
                        </form>
                    @endif
                </div>
            </details>
        @endforeach
        <p class="quiet">{{ __('piece.colours.note', ['example' => App\Interchange\Form\FieldKind::Profile->example($view->system)]) }}</p>
    @endif
</section>

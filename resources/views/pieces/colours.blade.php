@php($coats = $view->fields->coats())
<section aria-labelledby="colours" class="objects">
    <h2 id="colours">Colour</h2>
    @if(!$view->isGiven())
        <p class="quiet">Colours lie in pours. Once the pours are found, press <em>Keep these pours, to colour them</em> beside the drawings; then each can be coloured, divided into regions, and lettered when it is set.</p>
    @else
        @foreach(array_values($view->plan->colours) as $i => $colour)
            <details class="colour-row" id="colour-{{ $i }}">
                <summary><svg class="swatch" viewBox="0 0 20 20" width="20" height="20" aria-hidden="true"><rect width="20" height="20" fill="{{ $colour->shade->toHex() }}"/></svg> {{ $colour->name }} <span class="quiet">{{ $colour->kind->words() }}: {{ $colour->kind->unit() }}{{ $colour->kind->unit() === '%' ? ' by mass' : '' }}</span></summary>
                <p class="ladder">@foreach($colour->kind->ladder() as $step => $dose)<span><svg class="swatch" viewBox="0 0 20 20" width="28" height="28" aria-hidden="true"><rect width="20" height="20" fill="{{ Pensilis\Colour\Recipe::of([[$colour, $dose]])->swatch()->toHex() }}"/></svg> {{ $step }}, {{ $dose }}</span> @endforeach<span class="quiet">{{ $colour->kind->unit() }}, 5 mm deep on white</span></p>
                <div class="fields">@foreach($coats->colour($i) as $field)<x-field :view="$view" :field="$field"/>@endforeach</div>
                <form method="post" action="{{ route('pieces.colours.destroy', [$view->piece, $i], false) }}">@csrf @method('delete')<button class="plain">Take {{ $colour->name }} out</button></form>
            </details>
        @endforeach
        <form method="post" action="{{ route('pieces.colours.store', $view->piece, false) }}" class="inline">
            @csrf
            <label for="colour">One more colour</label>
            <select class="form-select form-select-sm" id="colour" name="colour">@foreach($palette as $key => $colour)<option value="{{ $key }}">{{ $colour['name'] }}</option>@endforeach</select>
            <button class="btn btn-sm btn-outline-primary">Add colour</button>
        </form>
        @foreach(array_keys($view->plan->pours) as $k)
            <details class="coat" id="coat-{{ $k }}">
                <summary><h3>Pour {{ $k + 1 }}</h3> <span class="quiet">{{ $view->coatLine($k) }}</span></summary>
                <div class="fields">@foreach($coats->ground($k) as $field)<x-field :view="$view" :field="$field"/>@endforeach</div>
                @foreach($coats->zones($k) as $z)<div class="fields zone">@foreach($coats->zone($k, $z) as $field)<x-field :view="$view" :field="$field"/>@endforeach</div>@endforeach

                <div class="fields">@foreach($coats->moreZones($k) as $field)<x-field :view="$view" :field="$field"/>@endforeach</div>
                <div class="fields">@foreach($coats->applied($k) as $field)<x-field :view="$view" :field="$field"/>@endforeach</div>
                <div class="inline">
                    @if($k > 0)<form method="post" action="{{ route('pieces.recipes.update', [$view->piece, $k], false) }}">@csrf @method('put')<button class="btn btn-sm btn-outline-primary" name="from" value="pour-{{ $k - 1 }}">As pour {{ $k }}</button></form>@endif
                    @if($view->layout()?->pours[$k]?->coat->isColoured())
                        <form method="post" action="{{ route('recipes.store', [$view->piece, $k], false) }}" class="inline">
                            @csrf
                            <label for="recipe-{{ $k }}">Keep this recipe as</label><input class="form-control form-control-sm" id="recipe-{{ $k }}" name="name" required maxlength="120" placeholder="Mist over the moor">
                            <button class="btn btn-sm btn-outline-primary">Keep recipe</button>
                        </form>
                    @endif
                    @if($recipes->isNotEmpty())
                        <form method="post" action="{{ route('pieces.recipes.update', [$view->piece, $k], false) }}" class="inline">
                            @csrf @method('put')
                            <label for="from-{{ $k }}">Take recipe</label>
                            <select class="form-select form-select-sm" id="from-{{ $k }}" name="from">@foreach($recipes as $recipe)<option value="{{ $recipe->id }}">{{ $recipe->name }}</option>@endforeach</select>
                            <button class="btn btn-sm btn-outline-primary">Take it</button>
                        </form>
                    @endif
                </div>
            </details>
        @endforeach
        <p class="quiet">Less first: hold the stick up and judge before adding more. Angles turn from the right towards behind; a band at 0° runs from front to back. Write the points of a line as −20 mm: 5 mm; 0 mm: 8 mm. What is given to no region goes to the ground. Solvent that wets a powder counts too.</p>
    @endif
</section>

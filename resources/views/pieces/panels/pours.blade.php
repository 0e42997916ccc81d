<x-panel of="pours" :title="__('piece.pours.head')">
    <p>{{ __($view->isGiven() ? 'piece.pours.are-yours' : 'piece.pours.found') }}</p>
    @if(!$view->isGiven())
        @include('pieces.edit-pours')
    @else
        <x-act :to="route('pieces.pours.times', $view->piece, false)" method="put" :saw="$view->piece" class="d-inline">
            <button class="btn btn-sm btn-outline-primary">{{ __('piece.pours.times') }}</button>
        </x-act>
        <x-act :to="route('pieces.pours.destroy', $view->piece, false)" method="delete" :saw="$view->piece" class="d-inline">
            <button class="btn btn-sm btn-outline-primary">{{ __('piece.pours.find') }}</button>
        </x-act>
        @if($view->pours()->mayPinColoured())
            <x-act :to="route('pieces.pins.update', $view->piece, false)" method="put" :saw="$view->piece" class="d-inline">
                <button class="btn btn-sm btn-outline-primary">{{ __('piece.pours.find-others') }}</button>
            </x-act>
        @endif
    @endif
    <p class="mt-2"><a href="{{ route('pieces.ways', $view->piece, false) }}">{{ __('piece.pours.ways') }}</a></p>
    @if(!$view->isGiven())
        @foreach(array_keys($view->plan->pins) as $i)
            <div class="fields"><x-inputs :view="$form->texts" :fields="$form->fields->pinned($i)"/></div>
            <x-act :to="route('pieces.pins.destroy', $view->piece, false)" method="delete" :saw="$view->piece">
                <input type="hidden" name="pin" value="{{ $i }}">
                <button class="plain">{{ __('piece.pours.unpin', ['number' => $i + 1]) }}</button>
            </x-act>
        @endforeach
    @endif
    @include('pieces.totals', ['oob' => false])
    <div class="fields"><x-inputs :view="$form->texts" :fields="$form->fields->layering()"/></div>
    <x-more id="weights" :says="__('piece.pours.weights')" :view="$form->texts" :fields="$form->fields->weights()">
        <p class="quiet">{{ __('piece.pours.weights-note') }}</p>
    </x-more>
    @foreach(array_values($view->plan->resins) as $i => $resin)
        <x-more id="resin-{{ $i }}" :says="__('piece.resin.head', ['name' => $resin->name])" :view="$form->texts"
            :fields="$form->fields->resins()->of($i)">
            <p class="quiet">{{ __('piece.resin.note') }}</p>
            @if(count($view->plan->resins) > 1)
                <x-act :to="route('pieces.resins.destroy', $view->piece, false)" method="delete">
                    <input type="hidden" name="resin" value="{{ $resin->id }}">
                    <button class="plain">{{ __('piece.resin.remove', ['name' => $resin->name]) }}</button>
                </x-act>
            @endif
        </x-more>
    @endforeach
    <x-more id="resin-more" :says="__('piece.resin.more')">
        <x-act :to="route('pieces.resins.store', $view->piece, false)" once class="inline">
            <label for="resin-more-which">{{ __('piece.resin.which') }}</label>
            <select class="form-select form-select-sm" id="resin-more-which" name="resin">
                @foreach($resins as $key => $resin)<option value="{{ $key }}">{{ $resin['name'] }}</option>@endforeach
            </select>
            <button class="btn btn-sm btn-outline-primary">{{ __('piece.resin.add') }}</button>
        </x-act>
        <p class="quiet">{{ __('piece.resin.first') }}</p>
    </x-more>
    <x-more id="measuring" :says="__('piece.bench.head')" :view="$form->texts" :fields="$form->fields->studio()->measuring()"/>
    @if($shelf->isNotEmpty())
        <x-act :to="route('pieces.supplies.store', $view->piece, false)" once class="inline from-shelf">
            <label for="supply">{{ __('piece.shelf.take') }}</label>
            <select class="form-select form-select-sm" id="supply" name="supply">
                @foreach($shelf->groupBy(fn($one) => __("shelf.kinds.{$one->kind->value}")) as $title => $some)
                    <optgroup label="{{ $title }}">
                        @foreach($some as $one)<option value="{{ $one->id }}">{{ $one->name }}</option>@endforeach
                    </optgroup>
                @endforeach
            </select>
            <button class="btn btn-sm btn-outline-primary">{{ __('piece.vessel.take') }}</button>
        </x-act>
    @endif
</x-panel>

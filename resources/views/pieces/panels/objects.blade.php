<x-panel of="objects" :title="__('piece.objects.head')" :shown="$view->plan->inclusions !== []">
    @if($view->plan->inclusions === [])
        <p>{{ __('piece.objects.none') }}</p>
    @else
        <ul class="list">
            @foreach($view->plan->inclusions as $i => $inclusion)
                <li>
                    <a href="#object-{{ $i }}">{{ $inclusion->name() }}</a>
                    <span class="quiet">{{ __('piece.objects.at', ['height' => $view->figures->length($inclusion->targetBottom)]) }}</span>
                </li>
            @endforeach
        </ul>
    @endif
    <x-act :to="route('pieces.objects.store', $view->piece, false)" once class="inline">
        <label for="kind">{{ __('piece.objects.more') }}</label>
        <select class="form-select form-select-sm" id="kind" name="kind">
            @foreach($kinds->byGroup() as $group => $some)
                <optgroup label="{{ App\Words\KindWords::group($group) }}">
                    @foreach($some as $kind)<option value="{{ $kind->key }}">{{ App\Words\KindWords::name($kind) }}</option>@endforeach
                </optgroup>
            @endforeach
        </select>
        <button class="btn btn-sm btn-outline-primary">{{ __('piece.objects.add') }}</button>
    </x-act>
</x-panel>

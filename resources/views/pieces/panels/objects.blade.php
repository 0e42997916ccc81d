<x-panel of="objects" :title="__('piece.objects.head')" :shown="$view->plan->inclusions !== []">
    @if($view->plan->inclusions === [])
        <p>{{ __('piece.objects.none') }}</p>
    @else
        <ul class="list">
            @foreach($view->plan->inclusions as $i => $inclusion)
                <li>
                    <input type="checkbox" form="several" name="objects[]" value="{{ $inclusion->id }}" data-choose="{{ $i }}"
                        aria-label="{{ __('piece.together.tick', ['object' => $inclusion->id]) }}">
                    <a href="#object-{{ $i }}">{{ $inclusion->name() }}</a>
                    <span class="quiet">{{ __('piece.objects.at', ['height' => $view->figures->length($inclusion->targetBottom)]) }}</span>
                </li>
            @endforeach
        </ul>
        <p class="quiet" id="cover">{{ $view->vessel()->cover() }}</p>
        @if(count($view->plan->inclusions) > 1)<p class="next"><a href="#together">{{ __('piece.together.do') }}</a></p>@endif
    @endif
    <x-act :to="route('pieces.objects.store', $view->piece, false)" once class="picker">
        <label for="find-kind">{{ __('piece.objects.more') }}</label>
        <input class="form-control form-control-sm" type="search" id="find-kind" data-finds="#kinds-offered" autocomplete="off"
            placeholder="{{ __('piece.objects.find') }}">
        <div id="kinds-offered" class="offered">
            {!! App\View\Page\KindsOffered::html($kinds) !!}
            <p class="quiet" data-none hidden>{{ __('piece.objects.unknown') }}</p>
        </div>
    </x-act>
</x-panel>

<section aria-labelledby="rail-to-come">
    <h2 id="rail-to-come">{{ $says }}</h2>
    @if($view->layout !== null)
        <div class="rail">
            <svg viewBox="0 0 {{ App\View\Drawing\TimeRail::WIDTH }} {{ App\View\Drawing\TimeRail::heightOf(count($view->layout->pours)) }}"
                aria-hidden="true">
            </svg>
        </div>
        @include('pieces.rail-key')
        <ol class="steps" aria-hidden="true">@foreach(range(1, $view->tasksToCome()) as $task)<li>&nbsp;</li>@endforeach</ol>
    @endif
</section>

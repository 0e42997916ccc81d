@if($view->pour->coat->applied !== [])
    <section aria-labelledby="applied">
        <h2 id="applied">{{ __('pour.applied.head') }}</h2>
        @foreach($view->pour->coat->applied as $one)
            <h3>{{ $view->piece->words->fact($one->fact()) }}</h3>
            <p>
                {{ $one->isAll() ? __('pour.applied.all') : Str::ucfirst(__('pour.applied.size', [
                    'place' => $figures->place($one->x, $one->y),
                    'width' => $figures->length($one->width), 'height' => $figures->length($one->height)])) }}
                @if($one->isMirrored($plan->setup->viewed)){{ __('pour.applied.mirrored') }}@elseif($one->application->reads()){{
                    __('pour.applied.straight', ['viewed' => App\Words\Words::choice($plan->setup->viewed)]) }}@endif
            </p>
            <p>
                {{ __("pour.applied.{$one->readiness()}") }}@if($one->application->drying() >
                    0) {{ __('pour.applied.dries', ['span' => $figures->span($one->application->drying())]) }}@endif
            </p>
            <ol>@foreach(App\Words\Words::checks($one->application) as $check)<li>{{ $check }}</li>@endforeach</ol>
        @endforeach
    </section>
@endif

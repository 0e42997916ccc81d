@php([$batch, $figures, $piece, $plan] = [$view->batch, $view->piece->figures, $view->piece->piece, $view->piece->plan])
<x-page :title="__('pour.title', ['number' => $view->index + 1, 'piece' => $piece->title])">
    <h1>
        {{ __('piece.Pour', ['number' => $view->index + 1]) }} <span class="quiet">{{ __('pour.of') }} <a
            href="{{ route('pieces.show', $piece, false) }}">{{ $piece->title }}</a></span>
        @if($view->piece->pours()->resinOf($view->index) !== '')<strong>{{ $view->piece->pours()->resinOf($view->index) }}</strong>@endif

    </h1>
    <x-errors/>
    @include('pours.measure')
    @include('pours.cups')
    @include('pours.applied')
    @include('pours.when')
    @include('pours.shared')
    <div class="columns">
        <section aria-labelledby="check">
            <h2 id="check">{{ __('pour.check.head') }}</h2>
            <form method="get" action="{{ route('pours.show', [$piece, $view->index], false) }}">
                <label for="a">{{ __('pour.check.a') }}</label><input class="form-control" id="a" name="a"
                    value="{{ old('a', request('a')) }}" inputmode="decimal" required>
                <label for="b">{{ __('pour.check.b') }}</label><input class="form-control" id="b" name="b"
                    value="{{ old('b', request('b')) }}" inputmode="decimal" required>
                <button class="btn btn-outline-primary">{{ __('pour.check.press') }}</button>
            </form>
            @if($judged !== null)<p role="status" class="said">{{ $judged }}</p>@endif
        </section>
        @includeUnless($batch->isShared, 'pours.mixed')
    </div>
    <p class="quiet">{{ __('pour.caution') }}</p>
</x-page>

@php($kit = $view->kit())
<x-panel of="ready" :title="__('piece.before.head')">
    @if($view->plan->inclusions !== [])
        <dl class="prep">
            @foreach($view->plan->inclusions as $object)
                <dt>{{ $object->name() }}</dt>
                <dd>{{ $view->objects()->treatment($object) }}</dd>
            @endforeach
        </dl>
    @endif
    <dl class="prep">
        @foreach($view->prepList() as $step)
            <dt>{{ $view->words->ready($step, 'what') }}</dt>
            <dd>{{ $view->words->ready($step, 'why') }}</dd>
        @endforeach
    </dl>
    @if($kit !== [])
        <h3>{{ __('piece.before.kit') }}</h3>
        <ul>@foreach($kit as $one)<li>{{ $view->words->inside($one) }}</li>@endforeach</ul>
    @endif
    <p><a class="btn btn-primary" href="{{ route('pieces.sheet', $view->piece, false) }}">{{ __('piece.head.sheet') }}</a></p>
</x-panel>

<x-page :title="$view->supply->name">
    <h1>{{ $view->supply->name }}</h1>
    <x-shelf-nav :kind="$view->supply->kind"/>
    <x-errors/>
    <div id="refusal" class="refusal" role="alert" aria-live="assertive"></div>
    @if($view->supply->kind === App\Models\SupplyKind::Resin)
        <p><a href="{{ route('supplies.implied', $view->supply, false) }}">{{ __('shelf.implied.open') }}</a></p>
    @endif
    @include('shelf.supply-form')
</x-page>

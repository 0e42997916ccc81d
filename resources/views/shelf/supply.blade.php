<x-page :title="$view->supply->name">
    <h1>{{ $view->supply->name }}</h1>
    <x-shelf-nav :kind="$view->supply->kind"/>
    <x-errors/>
    <div id="refusal" class="refusal" role="alert" aria-live="assertive"></div>
    @include('shelf.supply-form')
</x-page>

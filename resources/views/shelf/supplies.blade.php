@php([$title, $unit] = [__("shelf.kinds.{$kind->value}"), __("shelf.units.{$kind->value}")])
<x-page :title="$title">
    <x-gone restore="supplies.restore"/>
    <h1>{{ __('shelf.title') }}</h1>
    <x-shelf-nav :kind="$kind"/>
    <x-errors/>
    <div id="refusal" class="refusal" role="alert" aria-live="assertive"></div>
    <header class="list-head">
        <h2>{{ $title }}</h2>
        <x-shelf-find :to="route('supplies', $kind, false)" :q="$q" :only="$only"/>
    </header>
    @if($supplies->isEmpty())<p class="lead">{{ $q . $only === '' ? __("shelf.lessons.{$kind->value}") : __('shelf.none') }}</p>@endif

    @if($supplies->isNotEmpty())
        <x-wide-table :label="__('shelf.scrolls', ['title' => $title])">
            <table class="kinds supplies">
                <thead>
                    <tr>
                        <th scope="col">{{ __('shelf.columns.name') }}</th>
                        <th scope="col" class="num">{{ __('shelf.columns.stock') }}</th>
                        <th scope="col" class="num">{{ __('shelf.columns.pack') }}</th>
                        <th scope="col">{{ __('shelf.columns.age') }}</th>
                        <th scope="col"><span class="visually-hidden">{{ __('shelf.columns.do') }}</span></th>
                    </tr>
                </thead>
                <tbody>
                    @foreach($supplies as $one)
                        <tr>
                            <th scope="row">
                                @if(isset($one->document['shade']))<svg class="swatch" viewBox="0 0 20 20" width="20" height="20"
                                    aria-hidden="true"><rect width="20" height="20" fill="{{ $one->document['shade'] }}"/></svg> @endif<a
                                    href="{{ route('supplies.edit', $one, false) }}">{{ $one->name }}</a>
                            </th>
                            <td class="num">
                                @if($one->stock === null){{ __('shelf.uncounted') }}@else{{ __('shelf.amount',
                                    ['amount' => number_format($one->stock), 'unit' => $unit]) }}@php($parts =
                                    App\View\Page\SupplyView::parts($one))@if($parts !== '')<br><span
                                    class="quiet">{{ $parts }}</span>@endif @if($one->runsLow()) <strong
                                    class="low">{{ __('shelf.low') }}</strong>@endif @endif
                            </td>
                            <td class="num">
                                @if($one->pack_amount !== null){{ __('shelf.amount', ['amount' => number_format($one->pack_amount),
                                    'unit' => $unit]) }}@endif
                                @if($one->pack_price !== null){{ __('shelf.price', ['price' => number_format($one->pack_price, 2)]) }}@endif
                            </td>
                            <td>
                                {{ implode(', ', array_filter([$one->lot, $one->origin, $one->bought_on === null ? '' : __('shelf.bought',
                                    ['day' => $one->bought_on->format('j M Y')]), $one->usableUntil() === null || $one->isPast($now) ? '' :
                                    __('shelf.until', ['day' => $one->usableUntil()->format('j M Y')])])) }} @if($one->isPast($now))<strong
                                    class="low">{{ __('shelf.past', ['day' => $one->usableUntil()->format('j M Y')]) }}</strong>@endif
                            </td>
                            <td class="doings">
                                <button type="button" class="btn btn-sm btn-outline-primary with-script" data-change="{{ $one->id }}"
                                    data-opens="{{ route('supplies.update', $one, false) }}"
                                    aria-expanded="false" aria-label="{{ __('shelf.change-label', ['name' => $one->name]) }}"
                                    hx-get="{{ route('supplies.edit', $one, false) }}" hx-target="#change-{{ $one->id }}"
                                    hx-select="#supply-form" hx-swap="innerHTML">{{ __('shelf.change') }}</button>
                                <form method="post" action="{{ route('supplies.destroy', $one, false) }}">
                                    @csrf
                                    @method('delete')
                                    <button class="plain" aria-label="{{ __('shelf.remove-label',
                                        ['name' => $one->name]) }}">{{ __('shelf.remove') }}</button>
                                </form>
                            </td>
                        </tr>
                        <tr class="change"><td colspan="5" id="change-{{ $one->id }}"></td></tr>
                    @endforeach
                </tbody>
            </table>
        </x-wide-table>
        {{ $supplies->links('partials.pages') }}
    @endif
    <form method="post" action="{{ route('supplies.store', $kind, false) }}" class="inline">
        @csrf <x-once/>
        <label for="like">{{ __('shelf.like') }}</label>
        <select class="form-select form-select-sm" id="like" name="like">
            @foreach($beginnings as $key => [$name])<option value="{{ $key }}">{{ $name }}</option>@endforeach
        </select>
        <button class="btn btn-sm btn-primary">{{ __('shelf.add') }}</button>
    </form>
    <form method="post" action="{{ route('supplies.table.store', $kind, false) }}" enctype="multipart/form-data" class="inline">
        @csrf <x-once/>
        <label for="table">{{ __('shelf.table') }}</label>
        <input class="form-control form-control-sm" id="table" name="table" type="file" accept=".csv,text/csv" required>
        <button class="btn btn-sm btn-outline-primary">{{ __('shelf.read') }}</button>
        <a href="{{ route('supplies.table', $kind, false) }}">{{ __('shelf.take-away') }}</a>
    </form>
    <p class="quiet">{{ __('shelf.table-note') }}</p>
    @if($recipes->isNotEmpty())
        <h2>{{ __('shelf.recipes') }}</h2>
        <ul class="pieces">
            @foreach($recipes as $recipe)
                <li>
                    <span class="name">{{ $recipe->name }}</span>
                    <form method="post" action="{{ route('recipes.destroy', $recipe, false) }}">
                        @csrf
                        @method('delete')
                        <button class="plain" aria-label="{{ __('shelf.recipe-remove-label',
                            ['name' => $recipe->name]) }}">{{ __('shelf.recipe-remove') }}</button>
                    </form>
                </li>
            @endforeach
        </ul>
    @endif
</x-page>

<x-page :title="$kind->title()">
    <x-gone restore="supplies.restore"/>
    <h1>Shelf</h1>
    <x-shelf-nav :kind="$kind"/>
    <x-errors/>
    <h2>{{ $kind->title() }}</h2>
    @if($supplies->isEmpty())<p class="lead">{{ $kind->lesson() }}</p>@endif

    @if($supplies->isNotEmpty())
        <div class="wide-table" tabindex="0" role="region" aria-label="{{ $kind->title() }}, scrolls sideways">
            <table class="kinds supplies">
                <thead><tr><th scope="col">Name</th><th scope="col" class="num">In stock</th><th scope="col" class="num">Pack</th><th scope="col">Lot and age</th><th scope="col"><span class="visually-hidden">What to do</span></th></tr></thead>
                <tbody>
                    @foreach($supplies as $one)
                        <tr>
                            <th scope="row">@if(isset($one->document['shade']))<svg class="swatch" viewBox="0 0 20 20" width="20" height="20" aria-hidden="true"><rect width="20" height="20" fill="{{ $one->document['shade'] }}"/></svg> @endif<a href="{{ route('supplies.edit', $one, false) }}">{{ $one->name }}</a></th>
                            <td class="num">@if($one->stock === null)not counted @else{{ number_format($one->stock) }} {{ $kind->unit() }}@if($one->runsLow()) <strong class="low">▽ runs low</strong>@endif @endif</td>
                            <td class="num">@if($one->pack_amount !== null){{ number_format($one->pack_amount) }} {{ $kind->unit() }}@endif @if($one->pack_price !== null) at {{ number_format($one->pack_price, 2) }}@endif</td>
                            <td>{{ $one->lot }}@if($one->bought_on !== null){{ $one->lot === '' ? '' : ', ' }}bought {{ $one->bought_on->format('j M Y') }}@endif @if($one->isPast())<strong class="low">▽ past {{ $one->usableUntil()->format('j M Y') }}: test a small mix</strong>@elseif($one->usableUntil() !== null), usable until {{ $one->usableUntil()->format('j M Y') }}@endif</td>
                            <td><form method="post" action="{{ route('supplies.destroy', $one, false) }}">@csrf @method('delete')<button class="plain" aria-label="Take {{ $one->name }} off the shelf">Take it off</button></form></td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
        {{ $supplies->links('partials.pages') }}
    @endif
    <form method="post" action="{{ route('supplies.store', $kind, false) }}" class="inline">
        @csrf
        <label for="like">One more, like</label>
        <select class="form-select form-select-sm" id="like" name="like">@foreach($beginnings as $key => [$name])<option value="{{ $key }}">{{ $name }}</option>@endforeach</select>
        <button class="btn btn-sm btn-primary">Put it on the shelf</button>
    </form>
    <form method="post" action="{{ route('supplies.table.store', $kind, false) }}" enctype="multipart/form-data" class="inline">
        @csrf
        <label for="table">A table of them (CSV)</label>
        <input class="form-control form-control-sm" id="table" name="table" type="file" accept=".csv,text/csv" required>
        <button class="btn btn-sm btn-outline-primary">Read it</button>
        <a href="{{ route('supplies.table', $kind, false) }}">Take the table away</a>
    </form>
    <p class="quiet">A row whose name and lot are on the shelf takes its place; all rows are read, or none.</p>
    @if($recipes->isNotEmpty())
        <h2>Recipes</h2>
        <ul class="pieces">@foreach($recipes as $recipe)<li><span class="name">{{ $recipe->name }}</span> <form method="post" action="{{ route('recipes.destroy', $recipe, false) }}">@csrf @method('delete')<button class="plain" aria-label="Take the recipe {{ $recipe->name }} out">Take it out</button></form></li>@endforeach</ul>
    @endif
</x-page>

<x-page title="Shelf">
    <x-gone restore="vessels.restore"/>
    <h1>Shelf</h1>
    <x-shelf-nav/>
    <x-errors/>
    <h2>Vessels</h2>
    @if($vessels === [])
        <p class="lead">A vessel that was measured once need not be measured again. Open a piece, and under “Vessel” press <em>Keep it on the shelf</em>.</p>
        <p><a class="btn btn-primary" href="{{ route('pieces.index', absolute: false) }}">To the pieces</a></p>
    @else
        <ul class="pieces shelf">
            @foreach($vessels as $one)
                <li>
                    <span class="name"><x-silhouette :drawing="$one->silhouette"/> <span class="title">{{ $one->vessel->name }}</span></span>
                    <span class="quiet">{{ $one->size }}, holds {{ $one->holds }}; {{ $one->last ?? 'not used yet' }}@if($one->vessel->pieces_count > 1); in {{ $one->vessel->pieces_count }} pieces @endif @if($one->vessel->spare); <strong>spare</strong>@endif</span>
                    <span class="doings">
                        <a class="btn btn-sm btn-outline-primary" href="{{ route('pieces.index', ['vessel' => $one->vessel->id], false) }}#new">New piece in it</a>
                        <details>
                            <summary>Change</summary>
                            <form method="post" action="{{ route('vessels.update', $one->vessel, false) }}" class="inline">
                                @csrf @method('patch')
                                <label class="visually-hidden" for="name-{{ $one->vessel->id }}">New name</label>
                                <input class="form-control form-control-sm" id="name-{{ $one->vessel->id }}" name="name" value="{{ $one->vessel->name }}" required maxlength="120">
                                <label><input type="checkbox" name="spare" value="1" @checked($one->vessel->spare)> spare, for what is left of a mix</label>
                                <button class="btn btn-sm btn-outline-primary">Keep</button>
                            </form>
                        </details>
                        <form method="post" action="{{ route('vessels.destroy', $one->vessel, false) }}">@csrf @method('delete')<button class="plain">Take it off</button></form>
                    </span>
                </li>
            @endforeach
        </ul>
        {{ $page->links('partials.pages') }}
    @endif
</x-page>

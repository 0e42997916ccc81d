<x-page title="Pieces">
    @if(session('deleted'))
        <form class="said" method="post" action="{{ route('trash.update', session('deleted')['id'], false) }}" role="status">
            @csrf @method('put')
            “{{ session('deleted')['title'] }}” was deleted. <button class="plain">Undo</button>
        </form>
    @endif
    <h1>Pieces</h1>
    <x-errors/>
    @if($pieces->isEmpty())
        <p class="lead">A piece is a vessel, what hangs in it, and the resin around it. Say how high each object shall hang; Pensilis finds the pours, the grams and the hours.</p>
        <p>Try one: a <em>larch cone</em>, 14 mm above the floor of a round mold 90 mm wide and 60 mm high, wants three pours.</p>
    @else
        <ul class="pieces">
            @foreach($pieces as $piece)
                <li>
                    <a href="{{ route('pieces.show', $piece, false) }}">
                        <x-silhouette :drawing="$piece->silhouette()"/>
                        <span class="title">{{ $piece->title }}</span>
                    </a>
                    <span class="quiet">{{ App\View\PieceLine::of($piece, $system) }}</span>
                    <time class="quiet" datetime="{{ $piece->updated_at->toIso8601String() }}">{{ $piece->updated_at->format('j M Y') }}</time>
                </li>
            @endforeach
        </ul>
        {{ $pieces->links('partials.pages') }}
    @endif
    <div class="columns">
        <section aria-labelledby="new">
            <h2 id="new">New piece</h2>
            <form method="post" action="{{ route('pieces.store', absolute: false) }}">
                @csrf
                <label for="title">Title</label>
                <input class="form-control" id="title" name="title" value="{{ old('title') }}" required maxlength="120" placeholder="Bog cotton tray">
                <label for="vessel">Vessel</label>
                <select class="form-select" id="vessel" name="vessel">
                    <option value="">a new one, round, to be changed</option>
                    @foreach($vessels as $vessel)<option value="{{ $vessel->id }}" @selected((string) old('vessel', request('vessel')) === (string) $vessel->id)>{{ $vessel->name }}</option>@endforeach
                </select>
                <label for="resin">Resin</label>
                <select class="form-select" id="resin" name="resin">
                    @foreach(App\Interchange\Starters::RESINS as $key => $resin)
                        <option value="{{ $key }}" @selected(old('resin') === $key)>{{ $resin['name'] }}</option>
                    @endforeach
                </select>
                <p class="quiet">Ratio, times and depths of your own label can be written over it.</p>
                <button class="btn btn-primary">Begin</button>
            </form>
        </section>
        <section aria-labelledby="upload">
            <h2 id="upload">From a plan file</h2>
            <form method="post" action="{{ route('pieces.files.store', absolute: false) }}" enctype="multipart/form-data">
                @csrf
                <label for="file">A file that ends in .pensilis.json</label>
                <input class="form-control" id="file" name="file" type="file" accept=".json,application/json" required>
                <button class="btn btn-outline-primary">Read it</button>
            </form>
        </section>
    </div>
</x-page>

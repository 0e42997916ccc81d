<x-page :title="$view->piece->title" wide>
    <header class="piece-head">
        <h1>{{ $view->piece->title }}</h1>
        <div class="doings">
            <a class="btn btn-primary" href="{{ route('pieces.sheet', $view->piece, false) }}">Pour sheet</a>
            <a class="btn btn-outline-primary" href="{{ route('pieces.template', $view->piece, false) }}">Template</a>
            <a class="btn btn-outline-primary" href="{{ route('pieces.photograph', $view->piece, false) }}">Photograph</a>
            <a class="btn btn-outline-primary" href="{{ route('pieces.file', $view->piece, false) }}">Plan file</a>
            <form method="post" action="{{ route('pieces.steps.store', $view->piece, false) }}" class="steps-of">
                @csrf
                <button class="btn btn-outline-primary" name="step" value="back" aria-keyshortcuts="Control+Z">Undo</button>
                <button class="btn btn-outline-primary" name="step" value="forth" aria-keyshortcuts="Control+Shift+Z">Redo</button>
            </form>
            <form method="post" action="{{ route('pieces.copies.store', $view->piece, false) }}">@csrf<button class="btn btn-outline-primary">Copy</button></form>
            <form method="post" action="{{ route('pieces.destroy', $view->piece, false) }}">@csrf @method('delete')<button class="btn btn-outline-primary">Delete</button></form>
        </div>
    </header>
    <div id="refusal" class="refusal" role="alert" aria-live="assertive"></div>
    <x-errors/>
    @include('pieces.answer')
    <form id="piece-form" data-system="{{ $view->system->value }}" method="post" action="{{ route('pieces.update', $view->piece, false) }}"
          hx-post="{{ route('pieces.update', $view->piece, false) }}" hx-trigger="typed, submit" hx-target="#answer" hx-swap="outerHTML" hx-sync="this:replace">
        @csrf @method('patch')
        <noscript><p class="quiet">Change what you like below, then <button class="btn btn-primary">Keep and compute</button></p></noscript>
    </form>
    <section aria-labelledby="objects" class="objects">
        <h2 id="objects">Objects</h2>
        @foreach($view->plan->inclusions as $i => $inclusion)
            @include('pieces.object')
        @endforeach
        <form method="post" action="{{ route('pieces.objects.store', $view->piece, false) }}" class="inline">
            @csrf
            <label for="kind">One more object, of</label>
            <select class="form-select form-select-sm" id="kind" name="kind">
                @foreach($kinds->byGroup() as $group => $some)<optgroup label="{{ $group }}">@foreach($some as $kind)<option value="{{ $kind->key }}">{{ $kind->name }}</option>@endforeach</optgroup>@endforeach
            </select>
            <button class="btn btn-sm btn-outline-primary">Add</button>
        </form>
    </section>
    @include('pieces.colours')
    <div class="settings">
        <x-fields title="Use and face" :view="$view" :fields="$view->fields->purpose()">
            <p class="quiet">Settled first: resin, thickness and the place of fittings follow from it. {{ $view->plan->purpose->service->caution() }} {{ $view->sealing() }}</p>
        </x-fields>
        <x-fields title="Vessel" :view="$view" :fields="[...$view->fields->piece(), ...$view->fields->vessel()]" :open="$view->plan->inclusions === []">
            <p class="quiet">{{ $view->vesselLine() }}</p>
            <x-slot:after>
                <form method="post" action="{{ route('vessels.store', $view->piece, false) }}" class="inline">
                    @csrf
                    <label for="shelf-name">Keep it on the shelf as</label>
                    <input class="form-control form-control-sm" id="shelf-name" name="name" required maxlength="120" placeholder="Round block mold, 90 mm">
                    <button class="btn btn-sm btn-outline-primary">Keep it</button>
                </form>
                <x-mesh-form :view="$view" for="/vessel" label="Take a mesh: the body to be cast, closed, its open side up"/>
                <form method="post" action="{{ route('pieces.outlines.store', $view->piece, false) }}" enctype="multipart/form-data" class="inline">
                    @csrf
                    <label for="drawing">Take an outline from a drawing (SVG with one closed shape, at most 2 MB)</label>
                    <input class="form-control form-control-sm" id="drawing" name="drawing" type="file" accept=".svg,image/svg+xml" required>
                    <button class="btn btn-sm btn-outline-primary">Take it</button>
                </form>
            </x-slot>
        </x-fields>
        <details>
            <summary><h2>Before the first pour</h2></summary>
            @if($view->plan->inclusions !== [])
                <dl class="prep">@foreach($view->plan->inclusions as $object)<dt>{{ $object->name() }}</dt><dd>{{ ucfirst($view->treatment($object)) }}</dd>@endforeach</dl>
            @endif
            <dl class="prep">@foreach($view->prepList() as $step)<dt>{{ $step->what }}</dt><dd>{{ $step->why }}</dd>@endforeach</dl>
        </details>
        @if($shelf->isNotEmpty())
            <form method="post" action="{{ route('pieces.supplies.store', $view->piece, false) }}" class="inline from-shelf">
                @csrf
                <label for="supply">Take from the shelf</label>
                <select class="form-select form-select-sm" id="supply" name="supply">@foreach($shelf->groupBy(fn($one) => $one->kind->title()) as $title => $some)<optgroup label="{{ $title }}">@foreach($some as $one)<option value="{{ $one->id }}">{{ $one->name }}</option>@endforeach</optgroup>@endforeach</select>
                <button class="btn btn-sm btn-outline-primary">Take it</button>
            </form>
        @endif
        <x-fields title="Room" :view="$view" :fields="$view->fields->room()"/>
        <x-fields title="Bench and hours" :view="$view" :fields="$view->fields->studio()">
            <p class="quiet">Days: mon-sun, mon-fri, sat-sun, or such as tue, thu. Take the days out to drop a line. Start as 2026-03-02T18:00.</p>
        </x-fields>
        @foreach(array_values($view->plan->resins) as $i => $resin)
            <x-fields :title="'Resin: ' . $resin->name" :view="$view" :fields="$view->fields->resin($i)">
                <p class="quiet">From the label or data sheet, which go before anything here. A time left empty takes that of its class.</p>
            </x-fields>
        @endforeach
    </div>
</x-page>

<x-page :title="__('pieces.title')">
    @if(session('deleted'))
        <form class="said" method="post" action="{{ route('trash.update', session('deleted')['id'], false) }}">
            @csrf @method('put')
            <span role="status">{{ __('pieces.deleted', ['title' => session('deleted')['title']]) }}</span>
            <button class="plain">{{ __('pieces.undo') }}</button>
        </form>
    @endif
    <header class="list-head">
        <h1>{{ __('pieces.title') }}</h1>
        <form role="search" action="{{ route('pieces.index', absolute: false) }}" class="inline">
            <label for="q" class="visually-hidden">{{ __('pieces.find') }}</label>
            <input class="form-control form-control-sm" type="search" id="q" name="q" value="{{ $q }}"
                maxlength="{{ App\Words\Limits::NAME }}" placeholder="{{ __('pieces.find') }}">
            <label for="by">{{ __('pieces.by') }}</label>
            <select class="form-select form-select-sm" id="by" name="by">
                @foreach(__('pieces.orders') as $order => $words)
                    <option value="{{ $order }}" @selected($by === $order)>{{ $words }}</option>
                @endforeach
            </select>
            <button class="btn btn-sm btn-outline-primary">{{ __('pieces.show') }}</button>
        </form>
        <a class="btn btn-primary" href="#new">{{ __('pieces.new') }}</a>
    </header>
    <x-errors/>
    @if($pieces->isEmpty() && $q !== '')
        <p class="lead">{{ __('pieces.none', ['words' => $q]) }}</p>
    @elseif($pieces->isEmpty())
        <p class="lead">{{ __('pieces.teach') }}</p>
        <p>
            {{ __('pieces.example', array_map(fn($mm) => Pensilis\Quantity\Length::millimetres($mm)->print($system), ['height' => 14.0,
                'across' => 90.0, 'deep' => 60.0])) }}
        </p>
    @else
        <ul class="pieces">
            @foreach($pieces as $piece)
                <li>
                    <a href="{{ route('pieces.show', $piece, false) }}">
                        @if($piece->makesPlan())
                            <x-silhouette :drawing="App\View\Drawing\Silhouette::ofPlan($piece->plan())"/>
                        @endif
                        <span class="title">{{ $piece->title }}</span>
                    </a>
                    @php($standing = $standings[$piece->id])
                    <span class="stands">
                        <span class="is-{{ $standing->state }}"><x-sign :state="$standing->state"/> {{ $standing->says }}</span>
                        <span class="quiet">{{ $standing->next }}</span>
                    </span>
                    <span class="quiet">{{ App\View\Page\PieceLine::of($piece, $system) }}</span>
                    <time class="quiet" datetime="{{ $piece->updated_at->toIso8601String() }}">{{
                        $piece->studio->local($piece->updated_at)->format('j M Y') }}</time>
                </li>
            @endforeach
        </ul>
        {{ $pieces->links('partials.pages') }}
    @endif
    <div class="columns">
        <section aria-labelledby="new">
            <h2 id="new">{{ __('pieces.new') }}</h2>
            <form method="post" action="{{ route('pieces.store', absolute: false) }}">
                @csrf <x-once/>
                <label for="title">{{ __('pieces.name') }}</label>
                <input class="form-control" id="title" name="title" value="{{ old('title') }}" required
                    maxlength="{{ App\Words\Limits::NAME }}"
                    placeholder="{{ __('pieces.name-example') }}">
                <label for="vessel">{{ __('pieces.vessel') }}</label>
                <select class="form-select" id="vessel" name="vessel">
                    <option value="">{{ __('pieces.any') }}</option>
                    @foreach($vessels as $vessel)
                        <option value="{{ $vessel->id }}" @selected((string) old('vessel', request('vessel')) === (string) $vessel->id)>
                            {{ $vessel->name }}
                        </option>
                    @endforeach
                </select>
                <label for="resin">{{ __('pieces.resin') }}</label>
                <select class="form-select" id="resin" name="resin">
                    @foreach($resins as $key => $one)
                        <option value="{{ $key }}" @selected(old('resin', $resin) === $key)>{{ $one['name'] }}</option>
                    @endforeach
                </select>
                <p class="quiet">{{ __('pieces.label') }}</p>
                <button class="btn btn-primary">{{ __('pieces.begin') }}</button>
            </form>
        </section>
        <section aria-labelledby="upload">
            <h2 id="upload">{{ __('pieces.file') }}</h2>
            <form method="post" action="{{ route('pieces.files.store', absolute: false) }}" enctype="multipart/form-data">
                @csrf <x-once/>
                <label for="file">{{ __('pieces.choose') }}</label>
                <input class="form-control" id="file" name="file" type="file" accept=".json,application/json" required>
                <button class="btn btn-outline-primary">{{ __('pieces.read') }}</button>
            </form>
        </section>
    </div>
</x-page>

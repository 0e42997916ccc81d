<x-page :title="__('shelf.title')">
    <x-gone restore="vessels.restore"/>
    <h1>{{ __('shelf.title') }}</h1>
    <x-shelf-nav/>
    <x-errors/>
    <header class="list-head">
        <h2>{{ __('shelf.vessels.head') }}</h2>
        <x-shelf-find :to="route('shelf', absolute: false)" :q="$q"/>
    </header>
    @if($vessels === [] && $q !== '')
        <p class="lead">{{ __('shelf.none') }}</p>
    @elseif($vessels === [])
        <p class="lead">{{ __('shelf.vessels.teach') }}</p>
        <p><a class="btn btn-primary" href="{{ route('pieces.index', absolute: false) }}">{{ __('shelf.vessels.to-pieces') }}</a></p>
    @else
        <ul class="pieces shelf">
            @foreach($vessels as $one)
                <li>
                    <span class="name">@if($one->silhouette !== null)<x-silhouette :drawing="$one->silhouette"/> @endif<span
                        class="title">{{ $one->vessel->name }}</span></span>
                    <span class="quiet">{{ $one->silhouette === null ? __('shelf.vessels.unread') : __('shelf.vessels.holds', [
                        'size' => $one->size, 'holds' => $one->holds, 'last' => $one->last ?? __('shelf.vessels.unused'),
                    ]) }}@if($one->vessel->pieces_count > 1);
                        {{ __('shelf.vessels.pieces', ['count' => $one->vessel->pieces_count]) }}@endif
                        <br>{{ $one->wear() }}@if($one->vessel->isWorn()) <strong class="low">{{ __('shelf.vessels.worn') }}</strong>@endif
                            @if($one->vessel->spare)<strong>{{ __('shelf.vessels.spare') }}</strong>@endif</span>
                    <span class="doings">
                        <a class="btn btn-sm btn-outline-primary"
                            href="{{ route('pieces.index', ['vessel' => $one->vessel->id], false) }}#new">{{ __('shelf.vessels.new') }}</a>
                        <details>
                            <summary>{{ __('shelf.vessels.change') }}</summary>
                            <form method="post" action="{{ route('vessels.update', $one->vessel, false) }}" class="fields">
                                @csrf @method('patch')
                                <input type="hidden" name="saw" value="{{ json_encode($one->vessel->plain()) }}">
                                @foreach(['name', 'casts_before', 'lasts', 'origin'] as $key)
                                    <div class="field">
                                        <label for="{{ $key }}-{{ $one->vessel->id }}">{{ __("shelf.vessels.{$key}") }}</label>
                                        <input class="form-control form-control-sm" id="{{ $key }}-{{ $one->vessel->id }}"
                                            name="{{ $key }}" value="{{ $one->vessel->{$key} }}" @if($key === 'name') required @endif
                                            maxlength="{{ $key === 'origin' ? App\Words\Limits::LINE : App\Words\Limits::NAME }}">
                                    </div>
                                @endforeach
                                <label><input type="checkbox" name="spare" value="1" @checked($one->vessel->spare)>
                                    {{ __('shelf.vessels.is-spare') }}</label>
                                <div class="field"><button
                                    class="btn btn-sm btn-outline-primary">{{ __('shelf.vessels.save') }}</button></div>
                            </form>
                        </details>
                        <form method="post" action="{{ route('vessels.destroy', $one->vessel, false) }}">
                            @csrf
                            @method('delete')
                            <button class="plain">{{ __('shelf.vessels.remove') }}</button>
                        </form>
                    </span>
                </li>
            @endforeach
        </ul>
        {{ $page->links('partials.pages') }}
    @endif
</x-page>

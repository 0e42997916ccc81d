<x-page :title="$view->piece->title" wide>
    <header class="piece-head">
        <h1>{{ $view->piece->title }}</h1>
        <div class="doings">
            <a class="btn btn-primary" href="{{ route('pieces.sheet', $view->piece, false) }}">{{ __('piece.head.sheet') }}</a>
            <a class="btn btn-outline-primary" href="{{ route('pieces.template', $view->piece,
                false) }}">{{ __('piece.head.template') }}</a>
            <a class="btn btn-outline-primary" href="{{ route('pieces.photograph', $view->piece,
                false) }}">{{ __('piece.head.photograph') }}</a>
            <a class="btn btn-outline-primary" href="{{ route('pieces.file', $view->piece, false) }}">{{ __('piece.head.file') }}</a>
            <form method="post" action="{{ route('pieces.steps.store', $view->piece, false) }}" class="steps-of">
                @csrf
                <input type="hidden" name="of" value="{{ $view->piece->fingerprint() }}">
                <button class="btn btn-outline-primary" name="step" value="back"
                    aria-keyshortcuts="Control+Z">{{ __('piece.head.undo') }}</button>
                <button class="btn btn-outline-primary" name="step" value="forth"
                    aria-keyshortcuts="Control+Shift+Z">{{ __('piece.head.redo') }}</button>
            </form>
            <form method="post" action="{{ route('pieces.copies.store', $view->piece, false) }}">
                @csrf <x-once/>
                <button class="btn btn-outline-primary">{{ __('piece.head.copy') }}</button>
            </form>
            <form method="post" action="{{ route('pieces.destroy', $view->piece, false) }}">
                @csrf
                @method('delete')
                <button class="btn btn-outline-primary">{{ __('piece.head.delete') }}</button>
            </form>
        </div>
    </header>
    <div id="refusal" class="refusal" role="alert" aria-live="assertive"></div>
    <x-errors/>
    @include('pieces.answer')
    <form id="piece-form" data-lengths="{{ json_encode($form->lengths()) }}" method="post"
        action="{{ route('pieces.update', $view->piece, false) }}" data-unreached="{{ __('piece.unreached') }}"
        hx-post="{{ route('pieces.update', $view->piece, false) }}" hx-trigger="typed, submit" hx-target="#answer" hx-swap="outerHTML"
        hx-sync="this:queue last">
        @csrf @method('patch')
        <input type="hidden" name="of" value="{{ $view->piece->fingerprint() }}">
        <noscript>
            <p class="quiet">{{ __('piece.no-script') }} <button class="btn btn-primary">{{ __('piece.save') }}</button></p>
        </noscript>
    </form>
    <section aria-labelledby="objects" class="objects">
        <h2 id="objects">{{ __('piece.objects.head') }}</h2>
        @foreach($view->plan->inclusions as $i => $inclusion)
            @include('pieces.object')
        @endforeach
        <form method="post" action="{{ route('pieces.objects.store', $view->piece, false) }}" class="inline">
            @csrf <x-once/>
            <label for="kind">{{ __('piece.objects.more') }}</label>
            <select class="form-select form-select-sm" id="kind" name="kind">
                @foreach($kinds->byGroup() as $group => $some)
                    <optgroup label="{{ App\Words\KindWords::group($group) }}">
                        @foreach($some as $kind)<option value="{{ $kind->key }}">{{ App\Words\KindWords::name($kind) }}</option>@endforeach
                    </optgroup>
                @endforeach
            </select>
            <button class="btn btn-sm btn-outline-primary">{{ __('piece.objects.add') }}</button>
        </form>
    </section>
    @include('pieces.given')
    @include('pieces.colours')
    <div class="settings">
        <x-fields :title="__('piece.purpose.head')" :view="$form" :fields="$form->fields->purpose()">
            <p class="quiet">
                {{ __('piece.purpose.note') }} {{ App\Words\Words::choice($view->plan->purpose->service, 'caution') }}
                    {{ __('piece.purpose.sealed', ['sealer' => App\Words\Words::choice($view->plan->sealer),
                        'reason' => App\Words\Words::choice($view->plan->sealer, 'sealer-reason')]) }}
            </p>
        </x-fields>
        <x-fields :title="__('piece.vessel.head')" :view="$form" :fields="[...$form->fields->piece(), ...$form->fields->vessel()]"
            :open="$view->plan->inclusions === []">
            <p class="quiet">{{ $view->vesselLine() }}</p>
            <x-slot:after>
                <form method="post" action="{{ route('vessels.store', $view->piece, false) }}" class="inline">
                    @csrf <x-once/>
                    <label for="shelf-name">{{ __('piece.vessel.keep-as') }}</label>
                    <input class="form-control form-control-sm" id="shelf-name" name="name" required
                        maxlength="{{ App\Words\Limits::NAME }}"
                        placeholder="{{ __('piece.vessel.example') }}">
                    <button class="btn btn-sm btn-outline-primary">{{ __('piece.vessel.keep') }}</button>
                </form>
                <x-mesh-form :view="$view" for="/vessel" :label="__('piece.vessel.mesh')"/>
                <form method="post" action="{{ route('pieces.outlines.store', $view->piece, false) }}" enctype="multipart/form-data"
                    class="inline">
                    @csrf <x-once/>
                    <label for="drawing">{{ __('piece.vessel.outline', App\Words\Limits::said()) }}</label>
                    <input class="form-control form-control-sm" id="drawing" name="drawing" type="file" accept=".svg,image/svg+xml"
                        required>
                    <button class="btn btn-sm btn-outline-primary">{{ __('piece.vessel.take') }}</button>
                </form>
            </x-slot>
        </x-fields>
        <details>
            <summary><h2>{{ __('piece.before.head') }}</h2></summary>
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
        </details>
        @if($shelf->isNotEmpty())
            <form method="post" action="{{ route('pieces.supplies.store', $view->piece, false) }}" class="inline from-shelf">
                @csrf <x-once/>
                <label for="supply">{{ __('piece.shelf.take') }}</label>
                <select class="form-select form-select-sm" id="supply" name="supply">
                    @foreach($shelf->groupBy(fn($one) => __("shelf.kinds.{$one->kind->value}")) as $title => $some)
                        <optgroup label="{{ $title }}">
                            @foreach($some as $one)<option value="{{ $one->id }}">{{ $one->name }}</option>@endforeach
                        </optgroup>
                    @endforeach
                </select>
                <button class="btn btn-sm btn-outline-primary">{{ __('piece.vessel.take') }}</button>
            </form>
        @endif
        <x-fields :title="__('piece.room.head')" :view="$form" :fields="$form->fields->room()"/>
        <x-fields :title="__('piece.bench.head')" :view="$form" :fields="$form->fields->studio()">
            <p class="quiet">{{ __('piece.bench.note') }}</p>
        </x-fields>
        @foreach(array_values($view->plan->resins) as $i => $resin)
            <x-fields :title="__('piece.resin.head', ['name' => $resin->name])" :view="$form" :fields="$form->fields->resin($i)">
                <p class="quiet">{{ __('piece.resin.note') }}</p>
            </x-fields>
        @endforeach
    </div>
</x-page>

<x-page :title="__('orders.title')">
    <x-gone restore="orders.restore"/>
    <x-errors/>
    <header class="list-head">
        <h1>{{ __('orders.title') }}</h1>
        <form role="search" action="{{ route('orders', absolute: false) }}" class="inline">
            <label for="q" class="visually-hidden">{{ __('orders.find') }}</label>
            <input class="form-control form-control-sm" type="search" id="q" name="q" value="{{ $q }}"
                maxlength="{{ App\Words\Limits::NAME }}" placeholder="{{ __('orders.find') }}">
            <label for="only">{{ __('shelf.only') }}</label>
            <select class="form-select form-select-sm" id="only" name="only">
                @foreach(__('orders.onlys') as $key => $words)
                    <option value="{{ $key }}" @selected($only === $key)>{{ $words }}</option>
                @endforeach
            </select>
            <button class="btn btn-sm btn-outline-primary">{{ __('shelf.show') }}</button>
        </form>
    </header>
    <form method="post" action="{{ route('orders.store', absolute: false) }}" class="fields" id="new">
        @csrf <x-once/>
        @foreach(['wanted', 'whom', 'due', 'price'] as $key)
            <div class="field">
                <label for="new-{{ $key }}">{{ __("orders.plain.{$key}") }}</label>
                <input class="form-control form-control-sm" id="new-{{ $key }}" name="{{ $key }}" value="{{ old($key) }}"
                    type="{{ $key === 'due' ? 'date' : 'text' }}" maxlength="{{ App\Words\Limits::NAME }}" @if($key === 'wanted') required
                    placeholder="{{ __('orders.example') }}" @endif @error($key) aria-invalid="true" @enderror>
            </div>
        @endforeach
        <div class="field"><button class="btn btn-sm btn-primary">{{ __('orders.add') }}</button></div>
    </form>
    @if($orders->isEmpty())<p class="lead">{{ $q . $only === '' ? __('orders.teach') : __('orders.none') }}</p>@endif

    <ul class="pieces orders">
        @foreach($orders as $order)
            <li>
                <span class="name">{{ $order->wanted }}</span>
                <span class="quiet">{{ implode(', ', array_filter([
                    __("orders.stages.{$order->stage->value}"), $order->whom,
                    $order->due === null ? '' : __('orders.due', ['day' => $order->due->format('j M Y')]),
                    $order->price === null ? '' : __('orders.price', ['price' => number_format($order->price, 2)]), $order->note,
                ])) }}@if($order->isLate($now)) <strong class="low">{{ __('orders.late') }}</strong>@endif</span>
                <span class="doings">
                    @if($order->piece !== null)
                        <a href="{{ route('pieces.show', $order->piece, false) }}">{{ $order->piece->title }}</a>
                    @else
                        <form method="post" action="{{ route('orders.piece', $order, false) }}">
                            @csrf <x-once/>
                            <button class="btn btn-sm btn-outline-primary">{{ __('orders.begin') }}</button>
                        </form>
                    @endif
                    <details>
                        <summary aria-label="{{ __('orders.change-label',
                            ['wanted' => $order->wanted]) }}">{{ __('orders.change') }}</summary>
                        <form method="post" action="{{ route('orders.update', $order, false) }}" class="fields">
                            @csrf @method('patch')
                            <input type="hidden" name="saw" value="{{ json_encode($order->shown()) }}">
                            <input type="hidden" name="only" value="{{ $only }}">
                            @foreach($order->plain() as $key => $kept)
                                <div class="field">
                                    <label for="{{ $key }}-{{ $order->id }}">{{ __("orders.plain.{$key}") }}</label>
                                    @if($key === 'stage')
                                        <select class="form-select form-select-sm" id="{{ $key }}-{{ $order->id }}" name="stage">
                                            @foreach(__('orders.stages') as $stage => $words)
                                                <option value="{{ $stage }}" @selected($stage === $kept)>{{ $words }}</option>
                                            @endforeach
                                        </select>
                                    @else
                                        <input class="form-control form-control-sm" id="{{ $key }}-{{ $order->id }}" name="{{ $key }}"
                                            value="{{ $kept }}" type="{{ $key === 'due' ? 'date' : 'text' }}"
                                            maxlength="{{ $key === 'note' ? App\Words\Limits::NOTE : App\Words\Limits::NAME }}"
                                            @if($key === 'wanted') required @endif>
                                    @endif
                                </div>
                            @endforeach
                            <div class="field">
                                <label for="piece-{{ $order->id }}">{{ __('orders.piece') }}</label>
                                <select class="form-select form-select-sm" id="piece-{{ $order->id }}" name="piece">
                                    <option value="">{{ __('orders.no-piece') }}</option>
                                    @foreach($pieces->merge($order->piece === null ? [] : [$order->piece])->unique('id') as $piece)
                                        <option value="{{ $piece->id }}" @selected($piece->id ===
                                            $order->piece_id)>{{ $piece->title }}</option>
                                    @endforeach
                                </select>
                            </div>
                            <div class="field"><button class="btn btn-sm btn-outline-primary">{{ __('orders.save') }}</button></div>
                        </form>
                    </details>
                    <form method="post" action="{{ route('orders.destroy', $order, false) }}">
                        @csrf @method('delete')
                        <button class="plain" aria-label="{{ __('orders.remove-label',
                            ['wanted' => $order->wanted]) }}">{{ __('orders.remove') }}</button>
                    </form>
                </span>
            </li>
        @endforeach
    </ul>
    {{ $orders->links('partials.pages') }}
    <form method="post" action="{{ route('orders.table.store', absolute: false) }}" enctype="multipart/form-data" class="inline">
        @csrf <x-once/>
        <label for="table">{{ __('orders.table') }}</label>
        <input class="form-control form-control-sm" id="table" name="table" type="file" accept=".csv,text/csv" required>
        <button class="btn btn-sm btn-outline-primary">{{ __('shelf.read') }}</button>
        <a href="{{ route('orders.table', absolute: false) }}">{{ __('shelf.take-away') }}</a>
    </form>
</x-page>

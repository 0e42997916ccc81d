@php($piece = $record->piece)
<x-page :title="__('record.title', ['piece' => $piece->title])">
    <h1>{{ __('record.head') }} <a class="quiet" href="{{ route('pieces.show', $piece, false) }}">{{ $piece->title }}</a></h1>
    <x-errors/>
    <section aria-labelledby="note" class="mb-3">
        <h2 id="note">{{ __('record.note.head') }}</h2>
        <form method="post" action="{{ route('pieces.record.store', $piece, false) }}" class="note-it">
            @csrf <x-once/>
            <p>
                <label for="kind">{{ __('record.note.kind') }}</label>
                <select class="form-select" id="kind" name="kind">
                    @foreach(Pensilis\Record\EventKind::byHand() as $kind)
                        <option value="{{ $kind->value }}" @selected(old('kind', request()->query('kind')) === $kind->value)>{{
                            __("record.kinds.{$kind->value}") }}</option>
                    @endforeach
                </select>
            </p>
            <p>
                <label for="pour">{{ __('record.note.pour') }}</label>
                <select class="form-select" id="pour" name="pour">
                    <option value="">{{ __('record.note.no-pour') }}</option>
                    @foreach($record->pours() as $id => $name)
                        <option value="{{ $id }}" @selected(old('pour', request()->query('pour')) === $id)>{{ $name }}</option>
                    @endforeach
                </select>
            </p>
            <p>
                <label for="at">{{ __('record.note.at') }}</label>
                <input class="form-control" id="at" type="datetime-local" name="at"
                    value="{{ old('at', $record->at(request()->query('at'))) }}">
            </p>
            <p>
                <label for="figure">{{ __('record.note.figure') }}</label>
                <input class="form-control" id="figure" name="figure" value="{{ old('figure') }}" aria-describedby="figure-of"
                    maxlength="{{ App\Words\Limits::QUANTITY }}">
            </p>
            <p>
                <label for="result">{{ __('record.note.result') }}</label>
                <select class="form-select" id="result" name="result">
                    <option value="">{{ __('record.note.no-result') }}</option>
                    @foreach(Pensilis\Thermal\Fit\Tack::cases() as $one)
                        <option value="{{ $one->value }}" @selected(old('result') === $one->value)>{{
                            __("record.result.{$one->value}") }}</option>
                    @endforeach
                </select>
            </p>
            <p>
                <label for="words">{{ __('record.note.words') }}</label>
                <input class="form-control" id="words" name="note" value="{{ old('note') }}" maxlength="{{ App\Words\Limits::NOTE }}">
            </p>
            <button class="btn btn-primary">{{ __('record.note.save') }}</button>
        </form>
        <p class="quiet" id="figure-of">{{ __('record.note.figures') }}</p>
    </section>
    @if($record->events === [])
        <p>{{ __('record.none') }}</p>
    @else
        <p class="quiet">{{ __('record.lead') }}</p>
        <ol class="happened">
            @foreach($record->events as $event)
                @php($back = $record->takenBack($event))
                <li @class(['taken-back' => $back !== ''])>
                    <time>{{ $record->when($event) }}</time>
                    <span class="what">{{ $record->says($event) }}</span>
                    <span class="quiet">{{ $record->who($event) }}</span>
                    @if($back !== '')
                        <span class="quiet">{{ $back }}</span>
                    @else
                        <form method="post" action="{{ route('pieces.record.destroy', [$piece, $event->seq], false) }}" class="inline">
                            @csrf @method('delete')
                            @if($record::wantsReason($event))
                                <input class="form-control form-control-sm" name="why" required maxlength="{{ App\Words\Limits::LINE }}"
                                    aria-label="{{ __('record.back.why') }}" placeholder="{{ __('record.back.why') }}">
                            @endif
                            <button class="plain">{{ __('record.back.do') }}</button>
                        </form>
                    @endif
                </li>
            @endforeach
        </ol>
        @if($record->count > count($record->events))<p class="quiet">{{ __('record.more', ['count' => $record->count]) }}</p>@endif
    @endif
</x-page>

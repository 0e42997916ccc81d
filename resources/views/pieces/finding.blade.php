@php($panel = App\View\Page\Stages::panelOf($finding->pointer))
@if($panel !== '')
    <a class="to" href="#{{ $panel }}">{{ $view->words->finding($finding) }}</a>
@else
    {{ $view->words->finding($finding) }}
@endif
@if($finding->mend !== null)
    <x-act :to="route('pieces.mends.store', $view->piece, false)" :saw="$view->piece">
        <input type="hidden" name="code" value="{{ $finding->code->value }}">
        <input type="hidden" name="pointer" value="{{ $finding->pointer }}">
        <button class="btn btn-sm btn-outline-primary">{{ $view->words->mend($finding) }}</button>
    </x-act>
@endif

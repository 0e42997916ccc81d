@if($sheet->findings() !== [])
    <ul class="sheet-notices">@foreach($sheet->findings() as $finding)<li>{{ $view->words->finding($finding) }}</li>@endforeach</ul>
@endif
<form id="ticks" method="post" action="{{ route('pieces.ticks', $view->piece, false) }}" data-unreached="{{ __('sheet.unreached') }}"
    class="no-print">
    @csrf @method('patch')
    @foreach($done as $step)<input type="hidden" name="were[]" value="{{ $step }}">@endforeach
    <noscript><button class="btn btn-sm btn-outline-primary">{{ __('sheet.keep') }}</button></noscript>
</form>
<div id="refusal" class="refusal" role="alert" aria-live="assertive"></div>
@if($sheet->before() !== [])
    <h2>{{ __('sheet.before') }}</h2>
    <ol class="order">
        @foreach($sheet->before() as $task)
            <li><x-tick :step="Str::limit($task->id, 150, '…')" :done="$done"><time>{{
                $view->figures->moment($task->start) }}</time> {{ $view->words->fact($task->what) }}</x-tick></li>
        @endforeach
    </ol>
    <p class="ready">
        @foreach($sheet->ready() as $step => $says)<x-tick :step="$step" :done="$done">{{ $says }}</x-tick>@endforeach
    </p>
@endif
<h2>{{ __('sheet.kit') }}</h2>
<p class="ready">
    @foreach($sheet->kit() as $step => $says)<x-tick :step="$step" :done="$done">{{ $says }}</x-tick>@endforeach
</p>
@foreach($sheet->pours() as $pour)
    <section class="sheet-pour">
        <h2>
            {{ __('piece.Pour', ['number' => $pour->number]) }} <time>{{ $pour->start }}</time>
            @if($pour->resin !== '')<strong class="of-resin">{{ $pour->resin }}</strong>@endif

            @if(!$pour->isOutOf)<a class="btn btn-sm btn-outline-primary no-print"
                href="{{ route('pours.show', [$view->piece, $pour->number - 1], false) }}#mixed"
                aria-label="{{ __('sheet.mixed-label', ['number' => $pour->number]) }}">{{ __('sheet.mixed') }}</a>@endif

        </h2>
        @if(!$pour->isOutOf)<div class="measured">
            <x-cups :drawing="$view->cups($pour->number - 1)"/>
            <table class="weigh">
            <tr>
                <th scope="row">{{ __('pour.measure.a') }}</th>
                <td>{{ $pour->a }}</td>
                <th scope="row">{{ __('pour.measure.b') }}</th>
                <td>{{ $pour->b }}</td>
                <th scope="row">{{ __('sheet.together') }}</th>
                <td>{{ $pour->together }}</td>
                <td class="mixed">{{ __('sheet.write') }}</td>
            </tr>
        </table>
        </div>@endif

        <p class="windows">{{ $pour->cups }}</p>
        <ul class="order">
            @foreach($pour->steps as $step)
                <li><x-tick :step="Str::limit($step->key, 150, '…')" :done="$done">{{ $step->lead }}
                    @if($step->bold !== '')<strong>{{ $step->bold }}</strong> {{ $step->rest }}@endif</x-tick></li>
            @endforeach
        </ul>
        <p class="windows">{{ $pour->windows }}</p>
    </section>
@endforeach
<h2>{{ __('sheet.after') }}</h2>
<ol class="order">
    @foreach($sheet->after() as [$moment, $step, $id])
        <li><x-tick :step="Str::limit($id, 150, '…')" :done="$done"><time>{{ $moment }}</time> {{ $step }}</x-tick></li>
    @endforeach
</ol>

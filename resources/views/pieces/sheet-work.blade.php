@if($sheet->findings() !== [])
    <ul class="sheet-notices">@foreach($sheet->findings() as $finding)<li>{{ $view->words->finding($finding) }}</li>@endforeach</ul>
@endif
@if($sheet->before() !== [])
    <h2>{{ __('sheet.before') }}</h2>
    <ol class="order">
        @foreach($sheet->before() as $task)
            <li><span class="tick"></span><time>{{ $view->figures->moment($task->start) }}</time> {{ $view->words->fact($task->what) }}</li>
        @endforeach
    </ol>
    <p class="ready">
        @foreach($view->prepList() as $step)<span><span class="tick"></span>{{ $view->words->ready($step, 'brief') }}</span> @endforeach
    </p>
@endif
@foreach($sheet->pours() as $pour)
    <section class="sheet-pour">
        <h2>
            {{ __('piece.Pour', ['number' => $pour->number]) }} <time>{{ $pour->start }}</time>
            @if($pour->resin !== '')<strong class="of-resin">{{ $pour->resin }}</strong>@endif

            <a class="btn btn-sm btn-outline-primary no-print"
                href="{{ route('pours.show', [$view->piece, $pour->number - 1], false) }}#mixed"
                aria-label="{{ __('sheet.mixed-label', ['number' => $pour->number]) }}">{{ __('sheet.mixed') }}</a>
        </h2>
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
        <p class="windows">{{ $pour->cups }}</p>
        <ul class="order">
            @foreach($pour->first as $step)<li><span class="tick"></span>{{ $step }}</li>@endforeach
            @foreach($pour->objects as [$object, $how])
                <li><span class="tick"></span>{{ __('sheet.Set') }} <strong>{{ $object }}</strong> {{ $how }}.</li>
            @endforeach
            @foreach($pour->mixing as $step)<li><span class="tick"></span>{{ $step }}</li>@endforeach
            <li><span class="tick"></span>{{ $pour->pour }} <strong>{{ $pour->level }}</strong> {{ $pour->until }}</li>
            @foreach($pour->after as $step)<li><span class="tick"></span>{{ $step }}</li>@endforeach
        </ul>
        <p class="windows">{{ $pour->windows }}</p>
    </section>
@endforeach
<h2>{{ __('sheet.after') }}</h2>
<ol class="order">
    @foreach($sheet->after() as [$moment, $step])<li><span class="tick"></span><time>{{ $moment }}</time> {{ $step }}</li>@endforeach
</ol>

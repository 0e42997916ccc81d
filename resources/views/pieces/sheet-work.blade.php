@php($simulation = $view->answer->simulation)
@if($view->notices() !== [])
    <ul class="sheet-notices">@foreach($view->notices() as $notice)<li>{{ $notice->message }}</li>@endforeach</ul>
@endif
@php($before = array_filter($view->answer->tasks, fn($task) => in_array($task->kind->value, ['dry', 'seal', 'prepare', 'compartment'], true)))
@if($before !== [])
    <h2>Before</h2>
    <ol class="order">@foreach($before as $task)<li><span class="tick"></span><time>{{ $view->figures->moment($task->start) }}</time> {{ $task->title }}</li>@endforeach</ol>
    <p class="ready">@foreach($view->prepList() as $step)<span><span class="tick"></span>{{ $step->brief }}</span> @endforeach</p>
@endif
@foreach($view->layout()->pours as $k => $pour)
    @php([[$a, $b], [$aMl, $bMl], $heat] = [$pour->batch->readings(), $pour->batch->measures(), $simulation->pours[$k]])
    @php($sand = array_values(array_filter($view->answer->tasks, fn($task) => $task->kind->value === 'sand' && $task->pour === $k)))
    @php($stand = Pensilis\Scheduling\Session::standingMinutes($pour->resin->sheet->working))
    <section class="sheet-pour">
        <h2>Pour {{ $k + 1 }} <time>{{ $view->figures->moment($heat->startHour) }}</time> <a class="btn btn-sm btn-outline-primary no-print" href="{{ route('pours.show', [$view->piece, $k], false) }}#mixed" aria-label="Pour {{ $k + 1 }} is mixed: keep what was mixed and left">Mixed</a></h2>
        <table class="weigh">
            <tr><th scope="row">A (resin)</th><td>{{ $pour->batch->device->unit() === 'g' ? $view->figures->mass($a) : round($a, 2) . ' ' . $pour->batch->device->unit() }}</td><th scope="row">B (hardener)</th><td>{{ $pour->batch->device->unit() === 'g' ? $view->figures->mass($b) : round($b, 2) . ' ' . $pour->batch->device->unit() }}</td><th scope="row">together</th><td>{{ $view->figures->mass($pour->batch->mixed()) }}</td><td class="mixed">mixed ________ g &nbsp; left ________ g</td></tr>
        </table>
        <p class="windows">Without a scale, both in marked cups: A {{ $view->figures->volume($aMl) }}, B {{ $view->figures->volume($bMl) }}. Never one by weight and one by volume.</p>
        <ul class="order">
            @if($sand !== [])<li><span class="tick"></span>{{ $sand[0]->title }}, from {{ $view->figures->moment($sand[0]->start) }}. Wet or masked.</li>@endif
            @foreach($pour->placed as $object)
                <li><span class="tick"></span>Set <strong>{{ $object->name() }}</strong> at {{ $view->figures->length($view->layout()->bottomOf($object)) }} above the floor, {{ $view->figures->place($object->x, $object->y) }}{{ $view->howSet($object, $k) }}{{ $view->howLaid($object) }}.</li>
            @endforeach
            <li><span class="tick"></span>Stir slowly 2–5 min, scrape sides and bottom.@if($stand > 0) Stand {{ $stand }} min.@else Pour at once.@endif</li>
            @foreach($view->coat($k)->cupLines() as $cup)<li><span class="tick"></span>Cup “{{ $cup->name }}”, {{ $cup->amount }}: {{ $cup->doses === [] ? 'clear' : implode('; ', $cup->doses) }}@if($cup->from !== ''); {{ $cup->from }}@endif.</li>@endforeach
            @if($view->coat($k)->isTraced())<li><span class="tick"></span>Against yellowing: {{ $view->coat($k)->trace() }}.</li>@endif
            <li><span class="tick"></span>Pour {{ $view->figures->length($pour->depth()) }} deep, up to <strong>{{ $view->figures->length($pour->top) }}</strong> above the floor ({{ $view->figures->volume(1e6 * $pour->volume) }}@if($view->plan->setup->pieces > 1) into each of {{ $view->plan->setup->pieces }}@endif). Workable until {{ $view->figures->moment($heat->onClock($heat->workingUntil)) }}.</li>
            <li><span class="tick"></span>Bubbles: low warm air, kept moving; again after 10 min. Cover.</li>
            @foreach($view->answer->tasks as $task)@if($task->kind->value === 'apply' && $task->pour === $k)<li><span class="tick"></span>{{ $task->title }}, from {{ $view->figures->moment($task->start) }}; let it dry.</li>@endif @endforeach
        </ul>
        <p class="windows">Peak {{ $view->figures->heat($heat->peakCelsius) }}, gel {{ $view->figures->moment($heat->onClock($heat->gelLast)) }}@if(isset($view->layout()->pours[$k + 1])), next pour {{ $view->figures->moment($heat->onClock($heat->recoatOpens)) }} to {{ $view->figures->moment($heat->onClock($heat->recoatCloses)) }}, later only sanded.@else.@endif</p>
    </section>
@endforeach
<h2>After</h2>
<ol class="order">@foreach(array_filter($view->answer->tasks, fn($task) => in_array($task->kind->value, ['drape', 'demold', 'finish', 'full-cure'], true)) as $task)<li><span class="tick"></span><time>{{ $view->figures->moment($task->start) }}</time> {{ $task->title }}@if($task->kind->value === 'full-cure'): heat and use only from now on @endif</li>@endforeach</ol>

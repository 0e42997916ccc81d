@php($layout = $view->layout())
<section aria-labelledby="pours-head">
    <h2 id="pours-head">Pours @if($view->isGiven())<span class="quiet">as the plan file gives them</span>@endif</h2>
    @if($layout === null)
        <p>No pours can be found; the verdict says why.</p>
    @else
        <table class="pours">
            <thead><tr><th scope="col">Pour</th><th scope="col">Depth</th><th scope="col">A</th><th scope="col">B</th><th scope="col">Peak</th></tr></thead>
            <tbody>
                @foreach($layout->pours as $k => $pour)
                    @php([$a, $b] = $pour->batch->readings())
                    <tr>
                        <th scope="row"><a href="{{ route('pours.show', [$view->piece, $k], false) }}" aria-label="Pour {{ $k + 1 }}: measure, check, keep">{{ $k + 1 }}</a></th>
                        <td>{{ $view->figures->length($pour->depth()) }}</td>
                        <td class="act">{{ $pour->batch->device->unit() === 'g' ? $view->figures->grams($a) : round($a, 2) . ' ' . $pour->batch->device->unit() }}</td>
                        <td class="act">{{ $pour->batch->device->unit() === 'g' ? $view->figures->grams($b) : round($b, 2) . ' ' . $pour->batch->device->unit() }}</td>
                        <td>{{ isset($view->answer?->simulation?->pours[$k]) ? $view->figures->heat($view->answer->simulation->pours[$k]->peakCelsius) : '…' }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        @if($view->plan->setup->pieces > 1)<p>One mix serves all {{ $view->plan->setup->pieces }}: @foreach($layout->pours as $k => $pour){{ $k === 0 ? '' : ', ' }}pour {{ $k + 1 }} {{ $view->figures->volume(1e6 * $pour->volume) }}@endforeach into each.</p>@endif

        @foreach($view->plan->setup->compartments as $one)<p>Compartment “{{ $one->name }}” sets first: {{ $view->figures->volume(1e6 * $one->shape->volumeTo($one->depth)) }}@if($view->plan->setup->pieces > 1) each @endif.</p>@endforeach

        <p class="quiet">Readings on {{ $view->plan->studio->device->words() }}, with {{ $view->figures->grams($view->plan->studio->lossGrams) }} for what cup and stick keep. Measure both the same way. A pour's number leads to its own page.</p>
        @foreach([...$view->totals()->finished(), ...$view->totals()->stock()] as $line)<p class="quiet">{{ $line }}</p>@endforeach

        @if(!$view->isGiven() && $view->answer?->simulation !== null)<form method="post" action="{{ route('pieces.pours.store', $view->piece, false) }}">@csrf<button class="btn btn-sm btn-outline-primary">Keep these pours, to colour them</button></form>@endif
        @if($view->isGiven())
            <form method="post" action="{{ route('pieces.pours.destroy', $view->piece, false) }}">@csrf @method('delete')<button class="btn btn-sm btn-outline-primary">Find the pours from the objects</button></form>
            <div class="fields">@foreach(array_keys($view->plan->pours) as $k)@foreach($view->fields->pour($k) as $field)<x-field :view="$view" :field="$field"/>@endforeach @endforeach</div>
        @endif
    @endif
</section>

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
                        <th scope="row">{{ $k + 1 }}</th>
                        <td>{{ $view->figures->length($pour->depth()) }}</td>
                        <td class="act">{{ $view->figures->grams($a) }}</td>
                        <td class="act">{{ $view->figures->grams($b) }}</td>
                        <td>{{ isset($view->answer?->simulation?->pours[$k]) ? $view->figures->heat($view->answer->simulation->pours[$k]->peakCelsius) : '…' }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        @if($view->plan->setup->pieces > 1)<p>One mix serves all {{ $view->plan->setup->pieces }}: @foreach($layout->pours as $k => $pour){{ $k === 0 ? '' : ', ' }}pour {{ $k + 1 }} {{ $view->figures->volume(1e6 * $pour->volume) }}@endforeach into each.</p>@endif

        @foreach($view->plan->setup->compartments as $one)<p>Compartment “{{ $one->name }}” sets first: {{ $view->figures->volume(1e6 * $one->shape->volumeTo($one->depth)) }}@if($view->plan->setup->pieces > 1) each @endif.</p>@endforeach

        <p class="quiet">Grams are readings on the scale, with {{ $view->figures->grams($view->plan->studio->lossGrams) }} for what cup and stick keep. Weigh both; do not measure one in millilitres.</p>
        @if($view->isGiven())
            <form method="post" action="{{ route('pieces.pours.destroy', $view->piece, false) }}">@csrf @method('delete')<button class="btn btn-sm btn-outline-primary">Find the pours from the objects</button></form>
            <div class="fields">@foreach(array_keys($view->plan->pours) as $k)@foreach($view->fields->pour($k) as $field)<x-field :view="$view" :field="$field"/>@endforeach @endforeach</div>
        @endif
    @endif
</section>

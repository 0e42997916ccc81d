@php([$cups, $darkening, $thickening, $meetings] = [$view->coat->cupLines(), $view->coat->darkening(), $view->thickening(),
    $view->coat->meetings()])
@if($cups !== [])
    <section aria-labelledby="cups">
        <h2 id="cups">{{ __('pour.cups.head') }}</h2>
        <x-wide-table :label="__('pour.cups.scrolls')">
            <table class="kinds cups">
                <thead>
                    <tr>
                        @foreach(['cup', 'mix', 'stir', 'fills', 'pour'] as $column)
                            <th scope="col" @class(['num' => $column === 'mix'])>{{ __("pour.cups.columns.{$column}") }}</th>
                        @endforeach
                    </tr>
                </thead>
                <tbody>
                    @foreach($cups as $cup)
                        <tr>
                            <th scope="row">
                                <svg class="swatch" viewBox="0 0 20 20" width="20" height="20" aria-hidden="true"><rect width="20"
                                    height="20" fill="{{ $cup->swatch }}"/></svg> {{ $cup->name }}
                            </th>
                            <td class="num act">{{ $cup->amount }}</td>
                            <td>@forelse($cup->doses as $dose)<div>{{ $dose }}</div>@empty {{ __('pour.cups.clear') }} @endforelse
                                @if($cup->small !== '')<div class="quiet">{{ $cup->small }}</div>@endif</td>
                            <td>{{ $cup->fills }}</td><td>{{ $cup->from }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </x-wide-table>
        <p class="quiet">{{ __('pour.cups.note') }}</p>
        <ul>
            @php($trace = $view->coat->isTraced() ? $view->coat->trace() : '')
            @if($trace !== '')<li>{{ __('pour.cups.traced', ['trace' => $trace]) }}</li>@endif
            @if($thickening !== null)<li><strong>{{ __('pour.cups.thicken') }}</strong> {{ $thickening }}</li>@endif
            @foreach($view->sinking() as $line)<li>{{ $line }}</li>@endforeach
            @if(count($view->pour->portions->all) > 1)
                <li>{{ __($view->pour->coat->merges ? 'pour.cups.merges' : 'pour.cups.stays') }} {{ __('pour.cups.invaded') }}</li>
            @endif
        </ul>
        @if($meetings !== [])
            <p>
                @foreach($meetings as [$says, $shade])
                    <span class="text-nowrap">
                        <svg class="swatch" viewBox="0 0 20 20" width="20" height="20" aria-hidden="true"><rect width="20" height="20"
                            fill="{{ $shade }}"/></svg> {{ $says }}
                    </span>
                @endforeach
                <span class="quiet">{{ __('pour.meets-note') }}</span>
            </p>
        @endif
        @if($darkening !== [])
            <h3>{{ __('pour.cups.darken') }}</h3>
            <ol>@foreach($darkening as $line)<li>{{ $line }}</li>@endforeach</ol>
        @endif
    </section>
@endif

@php($windows = $view->windows())
@if($windows !== null)
    <section aria-labelledby="when">
        <h2 id="when">{{ __('pour.when.head') }}</h2>
        <x-wide-table :label="__('pour.when.scrolls')">
            <table class="kinds windows-of">
                <thead>
                    <tr>
                        @foreach(__('pour.when.columns') as $column)<th scope="col">{{ $column }}</th>@endforeach
                        <th class="axis"><span class="visually-hidden">{{ __('pour.when.axis') }}</span></th>
                    </tr>
                </thead>
                <tbody>
                    @foreach($windows->all() as $window)
                        <tr>
                            <th scope="row">{{ $window->doing }}</th>
                            <td>{{ $window->from }}</td>
                            <td>{{ $window->to }}</td>
                            <td class="axis">
                                <svg viewBox="0 0 100 6" preserveAspectRatio="none" aria-hidden="true">
                                    <rect class="span" x="0" y="2.5" width="100" height="1"/>
                                    <rect class="window" x="{{ round(100 * $window->opens, 2) }}" y="0" height="6"
                                        width="{{ round(100 * max(0.004, $window->closes - $window->opens), 2) }}"/>
                                </svg>
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </x-wide-table>
        <p>{{ $windows->peak() }} @if($leftCup !== null){{ $windows->cup($leftCup, $view->cupGrams()) }}@endif</p>
        <p><a href="{{ route('pours.cure', [$piece, $view->index], false) }}">{{ __('pour.when.cure') }}</a></p>
        <p class="quiet">{{ __('pour.when.note') }}</p>
    </section>
@endif

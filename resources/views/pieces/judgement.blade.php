<section class="verdict" aria-labelledby="verdict-head">
    <h2 id="verdict-head">{{ __('piece.verdict.head') }}</h2>
    <p class="stale">{{ __('piece.verdict.stale') }}</p>
    <dl>
        @foreach($view->verdict() as $question)
            <div class="is-{{ $question->state() }}">
                <dt><x-sign :state="$question->state()"/>{{ $question->words() }}</dt>
                <dd>
                    @php($says = $question->figure !== '' && in_array($question->state(), ['good', 'look'], true))
                    <strong>{{ $question->answer() }}</strong>{{ $says ? ", {$question->figure}" : '' }}
                </dd>
            </div>
        @endforeach
    </dl>
    <ul>
        @php($notices = $view->notices())
        @foreach(array_slice($notices, 0, App\View\Page\PieceView::TOLD) as $id => $finding)
            @php($weight = App\View\Page\Question::weightOf($finding))
            <li class="is-{{ $weight }}" id="{{ $id }}">
                @if($weight !== 'told')
                    <x-sign :state="$weight"/>
                @endif
                @include('pieces.finding')
            </li>
        @endforeach
        @if(count($notices) > App\View\Page\PieceView::TOLD)
            <li>{{ __('piece.verdict.more', ['count' => count($notices) - App\View\Page\PieceView::TOLD]) }}</li>
        @endif
    </ul>
</section>

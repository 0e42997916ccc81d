<section aria-labelledby="verdict-head">
    <h2 id="verdict-head">{{ __('piece.verdict.head') }}</h2>
    <p class="stale">{{ __('piece.verdict.stale') }}</p>
    <dl class="verdict">
        @foreach($view->verdict() as $question)
            <div class="is-{{ $question->state() }}">
                <dt><x-sign :state="$question->state()"/>{{ $question->words() }}</dt>
                <dd>
                    @php($says = $question->figure !== '' && in_array($question->state(), ['good', 'look'], true))
                    <strong>{{ $question->answer() }}</strong>{{ $says ? ", {$question->figure}" : '' }}
                </dd>
                @foreach($question->findings as $finding)
                    @if(!$finding->isTold())
                        <dd class="notice">@include('pieces.finding')</dd>
                    @endif
                @endforeach
            </div>
        @endforeach
    </dl>
    <ul class="told quiet">
        @foreach($view->findings as $finding)
            @if($finding->isTold() && $finding->question() !== null)
                <li>@include('pieces.finding')</li>
            @endif
        @endforeach
    </ul>
</section>

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
                    <dd @class(['notice', 'quiet' => $finding->weight() === Pensilis\Finding\Weight::Told])>{{
                        $view->words->finding($finding) }}
                        @if($finding->mend !== null)
                            <form method="post" action="{{ route('pieces.mends.store', $view->piece, false) }}">
                                @csrf
                                <input type="hidden" name="of" value="{{ $view->piece->fingerprint() }}">
                                <input type="hidden" name="code" value="{{ $finding->code->value }}">
                                <input type="hidden" name="pointer" value="{{ $finding->pointer }}">
                                <button class="btn btn-sm btn-outline-primary">{{ $view->words->mend($finding) }}</button>
                            </form>
                        @endif
                    </dd>
                @endforeach
            </div>
        @endforeach
    </dl>
</section>
@include('pieces.pours')

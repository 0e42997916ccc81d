<section aria-labelledby="verdict-head">
    <h2 id="verdict-head">Verdict</h2>
    <dl class="verdict">
        @foreach($view->verdict() as $question)
            <div class="is-{{ $question->state() }}">
                <dt><x-sign :state="$question->state()"/>{{ $question->asked }}</dt>
                <dd><strong>{{ $question->word() }}</strong>@if($question->figure !== '' && in_array($question->state(), ['good', 'look'], true)), {{ $question->figure }}@endif</dd>
                @foreach($question->notices as $notice)
                    <dd class="notice">{{ $notice->message }}
                        @if($notice->mend !== null)
                            <form method="post" action="{{ route('pieces.mends.store', $view->piece, false) }}">
                                @csrf
                                <input type="hidden" name="code" value="{{ $notice->code }}"><input type="hidden" name="pointer" value="{{ $notice->pointer }}">
                                <button class="btn btn-sm btn-outline-primary">{{ $notice->mend->label }}</button>
                            </form>
                        @endif
                    </dd>
                @endforeach
            </div>
        @endforeach
    </dl>
</section>
@include('pieces.pours')

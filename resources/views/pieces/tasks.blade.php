@php($due = $view->dueLine())
<ol class="steps" id="tasks" @if($oob ?? false) hx-swap-oob="true" @endif>
    @if($due !== '')<li>{{ $due }}</li>@endif
    @foreach($view->answer->tasks ?? [] as $task)
        <li><time>{{ $view->figures->moment($task->start) }}</time> {{ $view->words->fact($task->what) }}</li>
    @endforeach
</ol>

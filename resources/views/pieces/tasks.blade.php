@php($clock = $view->clock())
<ol class="steps" id="tasks" @if($oob ?? false) hx-swap-oob="true" @endif>
    @if($clock->due() !== '')<li>{{ $clock->due() }}</li>@endif
    @foreach($clock->tasks() as [$at, $task, $moved])
        <li><time>{{ $at }}</time> {{ $task }}@if($moved !== '') <span class="quiet">{{ $moved }}</span>@endif</li>
    @endforeach
</ol>

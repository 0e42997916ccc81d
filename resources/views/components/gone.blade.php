@props(['restore'])
@if(session('gone'))
    <form class="said" method="post" action="{{ route($restore, session('gone')['id'], false) }}">
        @csrf @method('put')
        <span role="status">{{ __('shelf.gone', ['name' => session('gone')['name']]) }}</span>
        <button class="plain">{{ __('shelf.undo') }}</button>
    </form>
@endif

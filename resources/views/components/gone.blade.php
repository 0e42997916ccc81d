@props(['restore'])
@if(session('gone'))
    <form class="said" method="post" action="{{ route($restore, session('gone')['id'], false) }}" role="status">
        @csrf @method('put')
        {{ __('shelf.gone', ['name' => session('gone')['name']]) }} <button class="plain">{{ __('shelf.undo') }}</button>
    </form>
@endif

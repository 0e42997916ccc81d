@props(['restore'])
@if(session('gone'))
    <form class="said" method="post" action="{{ route($restore, session('gone')['id'], false) }}" role="status">
        @csrf @method('put')
        “{{ session('gone')['name'] }}” was taken off the shelf. <button class="plain">Undo</button>
    </form>
@endif

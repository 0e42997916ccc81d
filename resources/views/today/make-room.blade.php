<form method="post" action="{{ route('pieces.day', $for, false) }}" class="d-inline">
    @csrf
    <x-once/>
    <button class="btn btn-sm btn-outline-primary">{{ __('today.make-room', ['piece' => $for->title]) }}</button>
</form>

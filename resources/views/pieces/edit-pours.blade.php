<x-act :to="route('pieces.pours.store', $view->piece, false)" once>
    <button class="btn btn-sm btn-outline-primary">{{ __('piece.pours.edit') }}</button>
</x-act>

<x-act :to="route('pieces.pours.store', $view->piece, false)" once data-after-heat>
    <button class="btn btn-sm btn-outline-primary">{{ __('piece.pours.edit') }}</button>
</x-act>

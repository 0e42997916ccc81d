@props(['view', 'id', 'label'])
<x-act :to="route('pieces.meshes.store', $view->piece, false)" once files class="inline">
    {{ $slot }}
    <label for="{{ $id }}">{{ __('piece.vessel.mesh-limit', ['label' => $label, ...App\Words\Limits::said()]) }}</label>
    <input class="form-control form-control-sm" id="{{ $id }}" name="mesh" type="file" accept=".stl,model/stl" required>
    <button class="btn btn-sm btn-outline-primary">{{ __('piece.vessel.take') }}</button>
</x-act>

@props(['view', 'for', 'label'])
@php($id = 'mesh' . str_replace('/', '-', $for))
<x-act :to="route('pieces.meshes.store', $view->piece, false)" once files class="inline">
    <input type="hidden" name="for" value="{{ $for }}">
    <label for="{{ $id }}">{{ __('piece.vessel.mesh-limit', ['label' => $label, ...App\Words\Limits::said()]) }}</label>
    <input class="form-control form-control-sm" id="{{ $id }}" name="mesh" type="file" accept=".stl,model/stl" required>
    <button class="btn btn-sm btn-outline-primary">{{ __('piece.vessel.take') }}</button>
</x-act>

@props(['view', 'for', 'label'])
@php($id = 'mesh' . str_replace('/', '-', $for))
<form method="post" action="{{ route('pieces.meshes.store', $view->piece, false) }}" enctype="multipart/form-data" class="inline">
    @csrf <x-once/>
    <input type="hidden" name="for" value="{{ $for }}">
    <label for="{{ $id }}">{{ __('piece.vessel.mesh-limit', ['label' => $label, ...App\Words\Limits::said()]) }}</label>
    <input class="form-control form-control-sm" id="{{ $id }}" name="mesh" type="file" accept=".stl,model/stl" required>
    <button class="btn btn-sm btn-outline-primary">{{ __('piece.vessel.take') }}</button>
</form>

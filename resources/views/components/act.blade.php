@props(['to', 'method' => 'post', 'saw' => null, 'once' => false, 'files' => false])
<form method="post" action="{{ $to }}" {{ $attributes }} hx-post="{{ $to }}" hx-target="#piece" hx-select="#piece" hx-swap="outerMorph"
    hx-sync="#piece:queue all" hx-include=".gaze [name]"
    @if($files) enctype="multipart/form-data" hx-encoding="multipart/form-data" @endif>
    @csrf
    @if($method !== 'post')@method($method)@endif
    @if($once)<x-once/>@endif
    @if($saw !== null)<input type="hidden" name="of" value="{{ $saw->fingerprint() }}">@endif
    {{ $slot }}
</form>

<div class="why">
    <p><strong>{{ __("said.ended.{$why}") }}</strong> {{ __('said.ended.text') }}</p>
    <p><a class="btn btn-sm btn-primary" href="{{ $to }}">{{ __("said.ended.{$why}-press") }}</a></p>
</div>

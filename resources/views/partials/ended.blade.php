<p><strong>{{ __('said.ended.head') }}</strong> {{ __('said.ended.text') }}</p>
<p><a class="btn btn-sm btn-primary" href="{{ route('sign-in', absolute: false) }}">{{ __('places.account.sign-in') }}</a></p>

<x-page :title="__('places.account.forgotten')">
    <div class="narrow">
        <h1>{{ __('places.account.new') }}</h1>
        <x-errors/>
        <form method="post" action="{{ route('password.email', absolute: false) }}">
            @csrf
            <label for="email">{{ __('places.account.your-email') }}</label>
            <input class="form-control" id="email" name="email" type="email" value="{{ old('email') }}" required autofocus>
            <button class="btn btn-primary">{{ __('places.account.link') }}</button>
        </form>
        <p><a href="{{ route('sign-in', absolute: false) }}">{{ __('places.account.back') }}</a></p>
    </div>
</x-page>

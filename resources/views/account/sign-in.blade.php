<x-page ended :title="__('places.account.sign-in')">
    <div class="narrow">
        <h1>{{ __('places.account.sign-in') }}</h1>
        <x-errors/>
        <form method="post" action="{{ route('sign-in', absolute: false) }}">
            @csrf
            <input type="hidden" name="zone" data-zone>
            <label for="email">{{ __('places.account.email') }}</label>
            <input class="form-control" id="email" name="email" type="email" value="{{ old('email') }}" required autofocus
                autocomplete="username">
            <label for="password">{{ __('places.account.password') }}</label>
            <input class="form-control" id="password" name="password" type="password" required autocomplete="current-password">
            <button class="btn btn-primary">{{ __('places.account.sign-in') }}</button>
        </form>
        <p><a href="{{ route('password.request', absolute: false) }}">{{ __('places.account.forgot') }}</a></p>
        <p class="quiet">{{ __('places.account.opened') }}</p>
    </div>
</x-page>

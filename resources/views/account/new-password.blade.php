<x-page :title="__('places.account.choose-title')">
    <div class="narrow">
        <h1>{{ __('places.account.choose') }}</h1>
        <x-errors/>
        <form method="post" action="{{ route('password.update', absolute: false) }}">
            @csrf @method('put')
            <input type="hidden" name="token" value="{{ $token }}">
            <label for="email">{{ __('places.account.email') }}</label>
            <input class="form-control" id="email" name="email" type="email" value="{{ old('email', $email) }}" required
                autocomplete="username">
            @include('account.password-twice')
            <button class="btn btn-primary">{{ __('places.account.set') }}</button>
        </form>
    </div>
</x-page>

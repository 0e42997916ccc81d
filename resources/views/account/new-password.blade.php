<x-page title="New password">
    <div class="narrow">
        <h1>Choose a password</h1>
        <x-errors/>
        <form method="post" action="{{ route('password.update', absolute: false) }}">
            @csrf @method('put')
            <input type="hidden" name="token" value="{{ $token }}">
            <label for="email">Mail address</label>
            <input class="form-control" id="email" name="email" type="email" value="{{ old('email', $email) }}" required autocomplete="username">
            @include('account.password-twice')
            <button class="btn btn-primary">Keep it</button>
        </form>
    </div>
</x-page>

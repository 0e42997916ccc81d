<x-page title="Sign in">
    <div class="narrow">
        <h1>Sign in</h1>
        <x-errors/>
        <form method="post" action="{{ route('sign-in', absolute: false) }}">
            @csrf
            <label for="email">Mail address</label>
            <input class="form-control" id="email" name="email" type="email" value="{{ old('email') }}" required autofocus autocomplete="username">
            <label for="password">Password</label>
            <input class="form-control" id="password" name="password" type="password" required autocomplete="current-password">
            <button class="btn btn-primary">Sign in</button>
        </form>
        <p><a href="{{ route('password.request', absolute: false) }}">I have forgotten my password</a></p>
        <p class="quiet">Accounts are opened by a member of the studio, who sends an invitation.</p>
    </div>
</x-page>

<x-page title="Forgotten password">
    <div class="narrow">
        <h1>A new password</h1>
        <x-errors/>
        <form method="post" action="{{ route('password.email', absolute: false) }}">
            @csrf
            <label for="email">Mail address of your account</label>
            <input class="form-control" id="email" name="email" type="email" value="{{ old('email') }}" required autofocus>
            <button class="btn btn-primary">Send a link</button>
        </form>
        <p><a href="{{ route('sign-in', absolute: false) }}">Back to sign in</a></p>
    </div>
</x-page>

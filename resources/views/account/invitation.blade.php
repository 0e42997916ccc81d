<x-page title="Invitation">
    <div class="narrow">
        @if($invitation === null)
            <h1>This invitation is over</h1>
            <p>It has been used, or its days have passed. Ask a member of the studio for a new one.</p>
        @else
            <h1>Join “{{ $invitation->studio->name }}”</h1>
            <x-errors/>
            <p>You will sign in as <strong>{{ $invitation->email }}</strong>.</p>
            <form method="post" action="{{ route('invitation', ['token' => $token], false) }}">
                @csrf
                @include('account.password-twice')
                <button class="btn btn-primary">Join</button>
            </form>
        @endif
    </div>
</x-page>

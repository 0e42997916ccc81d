<x-page :title="__('places.account.invitation')">
    <div class="narrow">
        @if($invitation === null)
            <h1>{{ __('places.account.over') }}</h1>
            <p>{{ __('places.account.over-why') }}</p>
        @else
            <h1>{{ __('places.account.join', ['studio' => $invitation->studio->name]) }}</h1>
            <x-errors/>
            <p>{{ __('places.account.as') }} <strong>{{ $invitation->email }}</strong>.</p>
            <form method="post" action="{{ route('invitation', ['token' => $token], false) }}">
                @csrf
                @include('account.password-twice')
                <button class="btn btn-primary">{{ __('places.account.join-press') }}</button>
            </form>
        @endif
    </div>
</x-page>

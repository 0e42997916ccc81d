<x-page title="Studio">
    <h1>Studio</h1>
    <x-errors/>
    <div class="columns">
        <section aria-labelledby="about">
            <h2 id="about">Name and units</h2>
            <form method="post" action="{{ route('studio', absolute: false) }}">
                @csrf @method('patch')
                <label for="name">Name</label>
                <input class="form-control" id="name" name="name" value="{{ old('name', $studio->name) }}" required maxlength="120">
                <fieldset>
                    <legend>Figures are shown in</legend>
                    @foreach(['metric' => 'millimetres, grams, °C', 'us' => 'inches, fluid ounces, °F (grams stay on the scale)'] as $value => $words)
                        <div class="form-check">
                            <input class="form-check-input" type="radio" id="units-{{ $value }}" name="units" value="{{ $value }}" @checked(old('units', $studio->units->value) === $value)>
                            <label class="form-check-label" for="units-{{ $value }}">{{ $words }}</label>
                        </div>
                    @endforeach
                </fieldset>
                <p class="quiet">Any unit can be typed anywhere: <em>38 mm</em>, <em>1 1/2 in</em>, <em>68 °F</em>.</p>
                <button class="btn btn-primary">Keep</button>
            </form>
        </section>
        <section aria-labelledby="members">
            <h2 id="members">Members</h2>
            <ul class="lines">
                @foreach($members as $member)<li>{{ $member->email }}</li>@endforeach
                @foreach($open as $invitation)<li class="quiet">{{ $invitation->email }}, invited until {{ $invitation->expires_at->format('j M') }}</li>@endforeach
            </ul>
            <form method="post" action="{{ route('invitations.store', absolute: false) }}">
                @csrf
                <label for="invite">Invite by mail</label>
                <input class="form-control" id="invite" name="email" type="email" value="{{ old('email') }}" required>
                <button class="btn btn-outline-primary">Send an invitation</button>
            </form>
        </section>
    </div>
</x-page>

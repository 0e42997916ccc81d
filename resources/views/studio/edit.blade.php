<x-page :title="__('places.studio.title')">
    <h1>{{ __('places.studio.title') }}</h1>
    <x-errors/>
    <div class="columns">
        <section aria-labelledby="about">
            <h2 id="about">{{ __('places.studio.about') }}</h2>
            <form method="post" action="{{ route('studio', absolute: false) }}">
                @csrf @method('patch')
                <input type="hidden" name="saw" value="{{ json_encode($studio->shown()) }}">
                <label for="name">{{ __('places.studio.name') }}</label>
                <input class="form-control" id="name" name="name" value="{{ old('name', $studio->name) }}" required
                    maxlength="{{ App\Words\Limits::NAME }}">
                <fieldset>
                    <legend>{{ __('places.studio.units') }}</legend>
                    @foreach(['metric', 'us'] as $value)
                        <div class="form-check">
                            <input class="form-check-input" type="radio" id="units-{{ $value }}" name="units" value="{{ $value }}"
                                @checked(old('units', $studio->units->value) === $value)>
                            <label class="form-check-label" for="units-{{ $value }}">{{ __("places.studio.{$value}") }}</label>
                        </div>
                    @endforeach
                </fieldset>
                <label for="zone">{{ __('places.studio.zone') }}</label>
                <input class="form-control" id="zone" name="zone" value="{{ old('zone', $studio->zone) }}" list="zones" autocomplete="off"
                    maxlength="64" aria-describedby="zone-now" @error('zone') aria-invalid="true" @enderror>
                <datalist id="zones">@foreach($zones as $zone)<option value="{{ $zone }}">@endforeach</datalist>
                <p class="quiet" id="zone-now">
                    {{ __($studio->zone === '' ? 'places.studio.zone-unsaid' : 'places.studio.zone-now',
                        ['now' => $studio->now()->format('D j M, H:i')]) }}
                </p>
                <p class="quiet">
                    {{ __('places.studio.any', ['examples' => implode(', ', array_map(fn($kind) => $kind->example($studio->units),
                        [App\Interchange\Form\FieldKind::Length, App\Interchange\Form\FieldKind::Temperature,
                        App\Interchange\Form\FieldKind::Volume]))]) }}
                </p>
                <button class="btn btn-primary">{{ __('places.studio.save') }}</button>
            </form>
        </section>
        <section aria-labelledby="members">
            <h2 id="members">{{ __('places.studio.members') }}</h2>
            <ul class="lines">
                @foreach($members as $member)
                    <li>
                        {{ $member->email }}
                        @if($members->count() > 1)
                            <form method="post" action="{{ route('members.destroy', $member, false) }}">
                                @csrf @method('delete')
                                <button class="plain" aria-label="{{ __('places.studio.remove-label', ['email' => $member->email]) }}">
                                    {{ __($member->id === Auth::id() ? 'places.studio.leave' : 'places.studio.remove') }}
                                </button>
                            </form>
                        @endif
                    </li>
                @endforeach
                @foreach($open as $invitation)
                    <li class="quiet">
                        {{ __('places.studio.invited', ['email' => $invitation->email,
                            'day' => $studio->local($invitation->expires_at)->format('j M')]) }}
                        <form method="post" action="{{ route('invitations.destroy', $invitation, false) }}">
                            @csrf @method('delete')
                            <button class="plain" aria-label="{{ __('places.studio.withdraw-label', ['email' => $invitation->email]) }}">
                                {{ __('places.studio.withdraw') }}
                            </button>
                        </form>
                    </li>
                @endforeach
            </ul>
            <form method="post" action="{{ route('invitations.store', absolute: false) }}">
                @csrf <x-once/>
                <label for="invite">{{ __('places.studio.invite') }}</label>
                <input class="form-control" id="invite" name="email" type="email" value="{{ old('email') }}" required>
                <button class="btn btn-outline-primary">{{ __('places.studio.send') }}</button>
            </form>
        </section>
        <section aria-labelledby="signed-in">
            <h2 id="signed-in">{{ __('places.studio.signed-in') }}</h2>
            <ul class="lines">
                @foreach($signIns as $signIn)
                    <li>
                        @php($device = __($signIn->isInTheHand() ? 'places.studio.hand' : 'places.studio.desk'))
                        {{ __('places.studio.since', ['device' => $device,
                            'since' => $studio->local($signIn->created_at)->format('j M, H:i'),
                            'seen' => $studio->local($signIn->seen_at)->format('j M, H:i')]) }}
                        @if($signIn->id === $here)
                            <strong>{{ __('places.studio.here') }}</strong>
                        @else
                            <form method="post" action="{{ route('sign-ins.destroy', $signIn, false) }}">
                                @csrf @method('delete')
                                @php($whose = ['device' => $device, 'since' => $studio->local($signIn->created_at)->format('j M, H:i')])
                                <button class="plain" aria-label="{{ __('places.studio.end-label', $whose) }}">
                                    {{ __('places.studio.end') }}
                                </button>
                            </form>
                        @endif
                    </li>
                @endforeach
            </ul>
        </section>
        <section aria-labelledby="feed">
            <h2 id="feed">{{ __('places.studio.feed.head') }}</h2>
            <p class="quiet">{{ __('places.studio.feed.lead') }}</p>
            @if(session('feed'))
                <label for="feed-address">{{ __('places.studio.feed.copy') }}</label>
                <input class="form-control mb-2" id="feed-address" readonly value="{{ session('feed') }}">
            @elseif(Auth::user()?->feed_hash !== null)
                <p>{{ __('places.studio.feed.there') }}</p>
            @endif
            <form method="post" action="{{ route('feed.store', absolute: false) }}" class="d-inline">
                @csrf <x-once/>
                <button class="btn btn-outline-primary">
                    {{ __(Auth::user()?->feed_hash === null ? 'places.studio.feed.make' : 'places.studio.feed.anew') }}
                </button>
            </form>
            @if(Auth::user()?->feed_hash !== null)
                <form method="post" action="{{ route('feed.destroy', absolute: false) }}" class="d-inline">
                    @csrf @method('delete')
                    <button class="btn btn-outline-primary">{{ __('places.studio.feed.end') }}</button>
                </form>
            @endif
        </section>
        <section aria-labelledby="own-password">
            <h2 id="own-password">{{ __('places.studio.password') }}</h2>
            <form method="post" action="{{ route('password.own', absolute: false) }}">
                @csrf @method('put')
                <label for="current">{{ __('places.studio.current') }}</label>
                <input class="form-control" id="current" name="current" type="password" required autocomplete="current-password">
                @include('account.password-twice')
                <button class="btn btn-outline-primary">{{ __('places.account.set') }}</button>
            </form>
        </section>
        <section aria-labelledby="defaults" class="whole-width">
            <h2 id="defaults">{{ __('places.studio.defaults') }}</h2>
            <form method="post" action="{{ route('studio.defaults', absolute: false) }}" id="defaults-form">
                @csrf @method('patch')
                <input type="hidden" name="saw"
                    value="{{ $texts->saw(array_merge(...array_values($groups)), ['resin' => $studio->defaults['resin'] ?? '']) }}">
                <div class="fields">
                    <div class="field">
                        <label for="resin">{{ __('places.studio.resin') }}</label>
                        <select class="form-select form-select-sm" id="resin" name="resin">
                            <option value="">{{ __('places.studio.usual') }}</option>
                            @foreach($resins as $key => $one)
                                <option value="{{ $key }}" @selected(old('resin', $studio->defaults['resin'] ?? '') === $key)>
                                    {{ $one['name'] }}
                                </option>
                            @endforeach
                        </select>
                    </div>
                    <x-inputs :view="$texts" :fields="$groups['room']" form="defaults-form"/>
                </div>
                @foreach(['hours' => 'piece.clock.head', 'measuring' => 'piece.bench.head'] as $group => $head)
                    <fieldset>
                        <legend>{{ __($head) }}</legend>
                        <div class="fields"><x-inputs :view="$texts" :fields="$groups[$group]" form="defaults-form"/></div>
                    </fieldset>
                @endforeach
                <p class="quiet">{{ __('places.studio.defaults-note') }} {{ __('piece.clock.note') }}</p>
                <button class="btn btn-outline-primary">{{ __('places.studio.begin') }}</button>
            </form>
        </section>
    </div>
</x-page>

@props(['bands'])
<ul class="bands" aria-label="{{ $bands->says() }}">
    <li class="quiet" aria-hidden="true">{{ $bands->unit() }}</li>
    @foreach($bands->all() as $band)
        <li><svg viewBox="0 0 22 18" width="22" height="18" aria-hidden="true"><rect width="22" height="18" fill="{{ $band['shade'] }}"/>
            <text x="11" y="13" text-anchor="middle" class="{{ $band['ink'] }}">{{ $band['digit'] }}</text></svg>
            {{ __('cure.band', $band) }}</li>
    @endforeach
</ul>

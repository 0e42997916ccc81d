<x-page title="Closed for a moment">
    <div class="narrow">
        <h1>Closed for a moment</h1>
        <p>Pensilis is being looked after. Come back in a few minutes.</p>
        <p><a href="{{ route('pieces.index', absolute: false) }}">To the pieces</a></p>
    </div>
</x-page>

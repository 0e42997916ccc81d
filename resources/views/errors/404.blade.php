<x-page title="Not here">
    <div class="narrow">
        <h1>Not here</h1>
        <p>There is nothing at this address, or it belongs to another studio.</p>
        <p><a href="{{ route('pieces.index', absolute: false) }}">To the pieces</a></p>
    </div>
</x-page>

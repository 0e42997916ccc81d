<x-page title="Something broke">
    <div class="narrow">
        <h1>Something broke</h1>
        <p>Nothing was changed. Try again; if it happens twice, the log in storage/logs says where.</p>
        <p><a href="{{ route('pieces.index', absolute: false) }}">To the pieces</a></p>
    </div>
</x-page>

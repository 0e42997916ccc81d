<x-page title="Too often">
    <div class="narrow">
        <h1>Too often</h1>
        <p>Wait a minute, then try again.</p>
        <p><a href="{{ route('pieces.index', absolute: false) }}">To the pieces</a></p>
    </div>
</x-page>

<x-page title="Not yours">
    <div class="narrow">
        <h1>Not yours</h1>
        <p>This is not open to your account.</p>
        <p><a href="{{ route('pieces.index', absolute: false) }}">To the pieces</a></p>
    </div>
</x-page>

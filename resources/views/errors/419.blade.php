<x-page title="The page waited too long">
    <div class="narrow">
        <h1>The page waited too long</h1>
        <p>Go back, reload the page and send it again; what you typed is still there.</p>
        <p><a href="{{ route('pieces.index', absolute: false) }}">To the pieces</a></p>
    </div>
</x-page>

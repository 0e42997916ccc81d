// An answer that was asked for before the last change must not overwrite what is shown now.
document.addEventListener('htmx:before:swap', (event) => {
    const asked = new URL(event.detail.ctx?.request?.action ?? '', window.location.href).searchParams.get('of');
    const shown = document.querySelector('#answer')?.dataset.of;
    if (asked && shown && asked !== shown) {
        event.preventDefault();
    }
});

// The drawings are replaced as a whole: whoever had chosen an object still has it.
let chosen = null;
document.addEventListener('htmx:before:swap', () => {
    const object = document.activeElement?.closest?.('[data-object]');
    if (object) {
        chosen = [object.closest('[data-drawing]').dataset.drawing, object.dataset.object];
    }
});
document.addEventListener('htmx:after:swap', () => {
    if (!chosen || (document.activeElement && document.activeElement !== document.body)) {
        return;
    }
    document.querySelector(`[data-drawing="${chosen[0]}"] [data-object="${chosen[1]}"]`)?.focus({ preventScroll: true });
    chosen = null;
});

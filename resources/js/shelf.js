// A thing on the shelf is changed in the list, below its line; one at a time.

document.addEventListener('htmx:before:request', ({ detail: { ctx } }) => {
    const button = ctx.sourceElement;
    if (!(button instanceof Element) || !button.matches('[data-change]')) {
        return;
    }
    for (const other of document.querySelectorAll('[data-change]')) {
        document.querySelector(`#change-${other.dataset.change}`)?.replaceChildren();
        other.setAttribute('aria-expanded', String(other === button));
    }
});

document.addEventListener('htmx:after:swap', ({ detail: { ctx } }) => {
    if (ctx.sourceElement instanceof Element && ctx.sourceElement.matches('[data-change]')) {
        document.querySelector('.change .supply-form input:not([type="hidden"])')?.focus({ preventScroll: true });
    }
});

import htmx from 'htmx.org';

/** The state of the piece that heat was asked for; nothing of other requests. */
const asked = (ctx) => new URL(ctx?.request?.action ?? '', window.location.href).searchParams.get('of');
const shown = () => document.querySelector('#answer')?.dataset.of;

// An answer that was asked for before the last change must not overwrite what is shown now.
document.addEventListener('htmx:before:swap', (event) => {
    const of = asked(event.detail.ctx);
    if (of && shown() && of !== shown()) {
        event.preventDefault();
    }
});

// No heat for what is shown: the piece has been changed elsewhere, and is shown as it is now.
document.addEventListener('htmx:after:request', ({ detail: { ctx } }) => {
    if (ctx.response.status === 204 && asked(ctx) && asked(ctx) === shown()) {
        htmx.ajax('GET', window.location.pathname, { target: '#piece', select: '#piece', swap: 'outerMorph' });
    }
});

import htmx from 'htmx.org';

/** The state of the piece that heat was asked for; nothing of other requests. */
const asked = (ctx) => new URL(ctx?.request?.action ?? '', window.location.href).searchParams.get('of');
const shown = () => document.querySelector('#answer')?.dataset.of;

/** How many other requests are under way, and a state of which there is no heat any more. */
let underWay = 0;
let gone = null;

// An answer that was asked for before the last change must not overwrite what is shown now.
document.addEventListener('htmx:before:swap', (event) => {
    const of = asked(event.detail.ctx);
    if (of && shown() && of !== shown()) {
        event.preventDefault();
    }
});

/** Shows the piece as it is now, where it was changed elsewhere; not where a press of this page is about to show it. */
function renew() {
    if (gone === null || underWay > 0) {
        return;
    }
    if (gone === shown()) {
        htmx.ajax('GET', window.location.pathname, { target: '#piece', select: '#piece', swap: 'outerMorph' });
    }
    gone = null;
}

// An answer that comes while the page is being left may tell of a state that the next page was made too early to show.
const left = () => `left:${window.location.pathname}`;
let leaving = null;
window.addEventListener('beforeunload', () => {
    leaving = shown();
});
window.addEventListener('pagehide', () => {
    if (leaving && shown() !== leaving) {
        sessionStorage.setItem(left(), shown());
    }
});
window.addEventListener('load', () => {
    const last = sessionStorage.getItem(left());
    sessionStorage.removeItem(left());
    if (last && shown() && last !== shown()) {
        gone = shown();
        setTimeout(renew);
    }
});

document.addEventListener('htmx:before:request', ({ detail: { ctx } }) => {
    underWay += asked(ctx) ? 0 : 1;
});
document.addEventListener('htmx:after:request', ({ detail: { ctx } }) => {
    if (ctx.response.status === 204 && asked(ctx) && asked(ctx) === shown()) {
        gone = asked(ctx);
    }
});
document.addEventListener('htmx:finally:request', ({ detail: { ctx } }) => {
    underWay -= asked(ctx) ? 0 : 1;
    renew();
});

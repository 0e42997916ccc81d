// While a hand is on its way to press one of the verdict's mends, an answer leaves the list as it is: it comes when the hand rests,
// has pressed or is gone.

import htmx from 'htmx.org';

/** How long a hand rests before what lies under it may move. */
const REST_MS = 600;

/** Whether the hand is on its way, and the list that came meanwhile. */
let timer = null;
let waiting = null;

const list = () => document.querySelector('.verdict ul');

function rest() {
    clearTimeout(timer);
    timer = null;
    if (waiting && list()) {
        const came = waiting;
        waiting = null;
        htmx.swap({ sourceElement: list(), target: list(), text: came.outerHTML, swap: 'outerMorph' });
    }
}

for (const type of ['pointermove', 'pointerdown']) {
    document.addEventListener(type, ({ target }) => {
        if (target instanceof Element && target.closest('.verdict')) {
            clearTimeout(timer);
            timer = setTimeout(rest, REST_MS);
        } else if (timer !== null) {
            rest();
        }
    });
}
document.addEventListener('click', () => {
    // Whatever waits on the same press goes first.
    setTimeout(rest);
});

// After those who say whether an answer is to be shown at all.
document.addEventListener('htmx:before:swap', (event) => {
    for (const { fragment } of event.defaultPrevented ? [] : event.detail.tasks) {
        const came = fragment?.querySelector('.verdict ul');
        if (!came) {
            continue;
        }
        waiting = timer === null ? null : came.cloneNode(true);
        if (waiting && list()) {
            came.replaceWith(list().cloneNode(true));
        }
    }
});

// The form of a piece: what the drawings write into it, and when it is told to send.

/** What is pressed so soon after another is one change. */
const SOON_MS = 30;

let timer = null;
/** What the hand does in one go, by what it holds: undone as one. */
const goes = new WeakMap();
let go = '';
/** Whether an answer is under way, and whether more was changed meanwhile. */
let underWay = false;
let more = false;

export const form = () => document.querySelector('#piece-form');

/** Sends what was changed, now. */
export function send() {
    clearTimeout(timer);
    timer = null;
    form()?.dispatchEvent(new Event('typed'));
}

function goOn(held) {
    if (held && !goes.has(held)) {
        goes.set(held, crypto.randomUUID());
    }
    go = goes.get(held) ?? '';
}

/** Names the go that a change belongs to; nothing where it stands by itself. */
export const oneGo = () => go;

/**
 * Sends what was changed, once all that belongs to this moment is done.
 *
 * @param {object | undefined} held what the hand holds, where the change is a part of what it does with it
 */
export function tell(held) {
    goOn(held);
    clearTimeout(timer);
    timer = setTimeout(send);
}

function sendSoon() {
    timer ??= setTimeout(() => {
        timer = null;
        more = underWay;
        if (!underWay) {
            send();
        }
    }, SOON_MS);
}

/** Sends what was changed soon, and what changes meanwhile when that is answered: as keys are pressed quickly, and as a hand drags. */
export function follow(held) {
    goOn(held);
    sendSoon();
}

/** Whether a change is under way: from when it is sent until its answer stands on the page. */
export const isUnderWay = () => underWay;

document.addEventListener('htmx:before:request', ({ detail: { ctx } }) => {
    underWay ||= ctx.sourceElement === form();
});
document.addEventListener('htmx:finally:request', ({ detail: { ctx } }) => {
    if (ctx.sourceElement === form()) {
        underWay = false;
        if (more) {
            more = false;
            sendSoon();
        }
    }
});

/** The length that stands in a field as the drawings write it, mm. */
export function millimetres(field) {
    return (parseFloat(field.value.replace('−', '-')) || 0) * JSON.parse(form().dataset.lengths).millimetres;
}

/** A length as it stands in a field. */
export function written(mm) {
    const { unit, millimetres, digits } = JSON.parse(form().dataset.lengths);
    return `${Number((mm / millimetres).toFixed(digits))} ${unit}`;
}

// The fields stand outside the form that they belong to, where its own listeners do not hear them.
document.addEventListener('change', (event) => {
    if (event.target.form && event.target.form === form()) {
        tell();
    }
});

// The form of a piece: what the drawings write into it, and when it is told to send.

/** What is pressed so soon after another is one change. */
const SOON_MS = 30;

let timer = null;
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

/** Sends what was changed, after a wait in which more may be. */
export function tell(wait) {
    clearTimeout(timer);
    timer = setTimeout(send, wait);
}

/** Sends what was changed soon, and what changes meanwhile when that is answered: as keys are pressed quickly, and as a hand drags. */
export function follow() {
    timer ??= setTimeout(() => {
        timer = null;
        more = underWay;
        if (!underWay) {
            send();
        }
    }, SOON_MS);
}

document.addEventListener('htmx:before:request', ({ detail: { ctx } }) => {
    underWay ||= ctx.sourceElement === form();
});
document.addEventListener('htmx:finally:request', ({ detail: { ctx } }) => {
    if (ctx.sourceElement === form()) {
        underWay = false;
        if (more) {
            more = false;
            follow();
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
        tell(0);
    }
});

// The form of a piece: what the drawings write into it, and when it is told to send.

let timer = null;

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

/** Sends what was changed so often while more changes come, as a hand drags. */
export function follow(every) {
    timer ??= setTimeout(send, every);
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

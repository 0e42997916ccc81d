// What was typed into a form whose session had ended is there again when its page is, and so is the form where it was opened in a list.

import { onceHeard } from './listening.js';

/** What was sent last, and what was never answered because a session had ended; by page and form. */
const SENT = 'form:';
const KEPT = 'kept:';
const texts = 'input:not([type="hidden"]):not([type="password"]):not([type="file"]), textarea, select';
const key = (form) => `${window.location.pathname} ${form.getAttribute('action')}`;
const names = (prefix) => Object.keys(sessionStorage).filter((name) => name.startsWith(prefix));

function fill(form, typed) {
    for (const field of form.querySelectorAll(texts)) {
        const text = typed[field.name];
        if (text === undefined || field.type === 'radio') {
            continue;
        }
        if (field.type === 'checkbox') {
            field.checked = text === true;
        } else if (field.value !== text) {
            field.value = text;
        }
        field.closest('details')?.setAttribute('open', '');
    }
    const said = document.querySelector('.restored');
    if (said) {
        said.hidden = false;
    }
}

/** Fills what is there; what has to be opened first is pressed, and filled when it is there. */
function restore() {
    for (const form of document.querySelectorAll('form[method="post"]')) {
        const typed = sessionStorage.getItem(KEPT + key(form));
        // One that takes the same thing away has nothing to type.
        if (typed !== null && form.querySelector(texts)) {
            sessionStorage.removeItem(KEPT + key(form));
            fill(form, JSON.parse(typed));
        }
    }
    for (const opener of document.querySelectorAll('[data-opens]')) {
        if (sessionStorage.getItem(`${KEPT}${window.location.pathname} ${opener.dataset.opens}`) !== null) {
            document.addEventListener('htmx:after:swap', () => setTimeout(restore), { once: true });
            opener.click();
            return;
        }
    }
}

if ('ended' in document.body.dataset) {
    for (const name of names(SENT)) {
        sessionStorage.setItem(KEPT + name.slice(SENT.length), sessionStorage.getItem(name));
        sessionStorage.removeItem(name);
    }
} else {
    // It was answered.
    names(SENT).forEach((name) => sessionStorage.removeItem(name));
    onceHeard(restore);
}

document.addEventListener('submit', ({ target: form }) => {
    // Whoever signs out leaves nothing behind for the next.
    if (form.getAttribute('action') === '/session') {
        sessionStorage.clear();
        return;
    }
    if (form.id === 'piece-form' || 'ended' in document.body.dataset) {
        return;
    }
    const typed = {};
    for (const field of form.querySelectorAll(texts)) {
        if (field.name && field.type !== 'radio') {
            typed[field.name] = field.type === 'checkbox' ? field.checked : field.value;
        }
    }
    if (Object.keys(typed).length > 0) {
        sessionStorage.setItem(SENT + key(form), JSON.stringify(typed));
    }
});

document.addEventListener('htmx:after:request', ({ detail: { ctx } }) => {
    if (ctx.sourceElement instanceof HTMLFormElement && ctx.response.status < 300) {
        sessionStorage.removeItem(SENT + key(ctx.sourceElement));
    }
});

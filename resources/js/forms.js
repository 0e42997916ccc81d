// What was typed into a form whose session had ended is there again when its page is.

const PREFIX = 'form:';
const ENDED = 'ended';
const texts = 'input:not([type="hidden"]):not([type="password"]):not([type="file"]), textarea, select';
const key = (form) => `${PREFIX}${window.location.pathname} ${form.getAttribute('action')}`;
const entries = () => Object.keys(sessionStorage).filter((name) => name.startsWith(PREFIX));

function restore() {
    let some = false;
    for (const form of document.querySelectorAll('form[method="post"]')) {
        const typed = JSON.parse(sessionStorage.getItem(key(form)) ?? '{}');
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
            some = true;
        }
    }
    const said = document.querySelector('.restored');
    if (some && said) {
        said.hidden = false;
    }
}

if (!('ended' in document.body.dataset)) {
    if (sessionStorage.getItem(ENDED)) {
        restore();
    }
    sessionStorage.removeItem(ENDED);
    entries().forEach((name) => sessionStorage.removeItem(name));
} else if (entries().length > 0) {
    sessionStorage.setItem(ENDED, '1');
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
        sessionStorage.setItem(key(form), JSON.stringify(typed));
    }
});

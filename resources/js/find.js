// Finds in a list as one types; Enter takes the first that is found.

const fields = () => document.querySelectorAll('[data-finds]');

function filter(field) {
    const list = document.querySelector(field.dataset.finds);
    const words = field.value.toLowerCase().split(/\s+/).filter(Boolean);
    for (const one of list.querySelectorAll('[data-find]')) {
        one.hidden = !words.every((word) => one.dataset.find.includes(word));
    }
    for (const group of list.querySelectorAll('fieldset, section')) {
        group.hidden = group.querySelector('[data-find]:not([hidden])') === null;
    }
    const none = list.querySelector('[data-none]');
    if (none) {
        none.hidden = list.querySelector('[data-find]:not([hidden])') !== null;
    }
}

document.addEventListener('input', (event) => {
    if (event.target.matches?.('[data-finds]')) {
        filter(event.target);
    }
});

document.addEventListener('keydown', (event) => {
    if (event.key === 'Enter' && event.target.matches?.('[data-finds]')) {
        event.preventDefault();
        const first = document.querySelector(event.target.dataset.finds)?.querySelector('[data-find]:not([hidden])');
        first?.matches('button') ? first.click() : first?.querySelector('a, summary')?.focus();
    }
});

document.addEventListener('htmx:after:swap', () => fields().forEach(filter));
fields().forEach(filter);

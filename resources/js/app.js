import htmx from 'htmx.org';
import './clock.js';
import './edits.js';
import './says.js';
import './objects.js';
import './surfaces.js';
import './regions.js';
import './fittings.js';
import './zoom.js';
import './scaling.js';
import './tracing.js';
import './current.js';
import './steady.js';
import './folds.js';
import './forms.js';
import './find.js';
import './shelf.js';
import './ticks.js';
import './select.js';
import './legible.js';
import './film.js';

// What was opened stays open when a page is put together with its answer.
htmx.config.morphIgnore.push('open', 'style');

// Undo and redo, but for what is just being typed.
document.addEventListener('keydown', (event) => {
    if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z' || event.target.closest('input, textarea, select')) {
        return;
    }
    event.preventDefault();
    document.querySelector(`.steps-of [value="${event.shiftKey ? 'forth' : 'back'}"]`)?.click();
});

document.addEventListener('click', (event) => {
    if (event.target instanceof Element && event.target.closest('[data-print]')) {
        window.print();
    }
});

import 'htmx.org';
import './objects.js';
import './current.js';

document.addEventListener('click', (event) => {
    if (event.target instanceof Element && event.target.closest('[data-print]')) {
        window.print();
    }
});

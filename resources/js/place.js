// Answers come into the page above the fields. Whoever is at the fields keeps them under the hand: the page is scrolled by as much as
// they were pushed, before it is drawn.

const form = document.querySelector('#piece-form');

if (form) {
    const top = () => form.getBoundingClientRect().top + window.scrollY;
    let was = top();
    let pointer = -1;
    document.addEventListener('pointermove', (event) => {
        pointer = event.clientY;
    });

    /** At the fields: focus or pointer below the answer, or most of what is seen. */
    const below = () => {
        const edge = was - window.scrollY;
        const focus = document.activeElement;
        return (
            pointer > edge ||
            edge < window.innerHeight / 2 ||
            (focus && focus !== document.body && focus.getBoundingClientRect().top > edge)
        );
    };
    new ResizeObserver(() => {
        const now = top();
        if (now !== was && below()) {
            window.scrollBy({ top: now - was, behavior: 'instant' });
        }
        was = now;
    }).observe(document.body);
}

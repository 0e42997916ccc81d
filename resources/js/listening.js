// htmx puts off to a moment of its own, after the page has loaded, to listen to what happens on it.

/** Does something once htmx hears of it. */
export function onceHeard(act) {
    window.addEventListener('load', () => setTimeout(act));
}

// What is selected is selected everywhere: in the drawings, in the pours, on the rail, and its fields are shown. Links to a panel do it
// without a script; here they scroll nothing, and the selection outlives a page that is shown anew.

import { tell } from './piece-form.js';

const panel = (key) => document.getElementById(key)?.closest('.panel');
const kept = () => `selected:${window.location.pathname}`;

/** What the page itself shows first, as long as nothing was selected. */
let key = '';
/** Where a press came from, so that Esc goes back. */
let from = null;

function marks(one) {
    const { object, of, select: own } = one.dataset;
    if (object !== undefined) {
        return `object-${object}`;
    }
    return own ?? (of && `region-${of}`) ?? one.getAttribute('href')?.slice(1);
}

function show() {
    const piece = document.querySelector('#piece');
    if (!piece) {
        return;
    }
    const shown = panel(key) ?? piece.querySelector('.panel.shown');
    key = shown?.id ?? '';
    for (const one of piece.querySelectorAll('.panel')) {
        one.classList.toggle('shown', one === shown);
    }
    const object = /^object-(\d+)$/.exec(key)?.[1];
    piece.querySelector('#object-doings')?.classList.toggle('shown', object !== undefined);
    for (const which of object === undefined ? [] : piece.querySelectorAll('[data-which]')) {
        which.selectedIndex = Number(object);
    }
    const coat = /^(?:pour|region)-(\d+)/.exec(key)?.[1];
    const doings = piece.querySelector('#coat-doings');
    doings?.classList.toggle('shown', coat !== undefined);
    doings?.classList.toggle('is-region', key.startsWith('region-'));
    for (const part of coat === undefined ? [] : (doings?.querySelectorAll('[data-part]') ?? [])) {
        part.value = key;
    }
    for (const name of piece.querySelectorAll('[data-name-of]')) {
        name.classList.toggle('selected', name.dataset.nameOf === object);
    }
    // A region is worked on through the objects that lie above it.
    piece.classList.toggle('on-regions', key.startsWith('region-'));
    const up = shown?.querySelector('.up')?.getAttribute('href').slice(1);
    for (const one of piece.querySelectorAll('[data-select], [data-object], [data-grip], .part, .stages a, .list a')) {
        const own = marks(one);
        one.classList.toggle('selected', own === key || (own === up && one.closest('.stages') !== null));
    }
}

/** The plan shows the regions of the coat that is selected. */
function look() {
    const coat = /^(?:pour|region)-(\d+)/.exec(key)?.[1];
    const shown = document.querySelector('.gaze [name="coat"]');
    if (shown && coat !== undefined && shown.value !== coat && [...shown.options].some((one) => one.value === coat)) {
        shown.value = coat;
        tell();
    }
}

export function select(wanted) {
    if (panel(wanted) && wanted !== key) {
        key = wanted;
        look();
        sessionStorage.setItem(kept(), key);
        document.querySelector('#inspector').scrollTop = 0;
    }
    show();
}

/** Goes to the first field of what is selected. */
function enter() {
    panel(key)?.querySelector('input:not([type="hidden"]), select, textarea')?.focus({ preventScroll: true });
}

document.addEventListener('click', (event) => {
    if (!(event.target instanceof Element) || !document.querySelector('#piece')) {
        return;
    }
    const menu = document.querySelector('.menu[open]');
    if (menu && !menu.contains(event.target)) {
        menu.open = false;
    }
    if (event.target.closest('[data-keys]')) {
        menu?.removeAttribute('open');
        document.querySelector('#keys').showModal();
        return;
    }
    const link = event.target.closest('#piece a[href^="#"]');
    const one = link ?? event.target.closest('[data-select]');
    const wanted = one && marks(one);
    if (wanted && panel(wanted)) {
        event.preventDefault();
        from = one;
        select(wanted);
        const part = document.getElementById(wanted);
        if (part instanceof HTMLDetailsElement) {
            part.open = true;
        }
    }
});

document.addEventListener('keydown', (event) => {
    if (!document.querySelector('#piece') || !(event.target instanceof Element) || event.ctrlKey || event.metaKey || event.altKey) {
        return;
    }
    const typing = event.target.closest('input, textarea, select');
    if (event.key === '?' && !typing) {
        document.querySelector('#keys').showModal();
    } else if (event.key === 'Enter' && event.target.closest('[data-object]')) {
        event.preventDefault();
        from = event.target.closest('[data-object]');
        select(`object-${from.dataset.object}`);
        enter();
    } else if (event.key === 'Escape' && event.target.closest('.panel')) {
        (from?.isConnected ? from : document.querySelector('.stages .selected'))?.focus({ preventScroll: true });
    }
});

/** What the server asks for: what was just added. */
function asked() {
    const piece = document.querySelector('#piece');
    const wanted = piece?.dataset.selects;
    if (wanted) {
        delete piece.dataset.selects;
        select(wanted);
    }
}

document.addEventListener('htmx:after:swap', () => {
    asked();
    show();
});
if (document.querySelector('#piece')) {
    const refused = document.querySelector('.panel [aria-invalid]')?.closest('.panel').id;
    key = refused ?? (window.location.hash.slice(1) || sessionStorage.getItem(kept()) || '');
    asked();
    show();
}

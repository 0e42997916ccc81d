// Hooks, handles and feet on the plan, moved by mouse, touch or keys; the two of a level pair stay mirrored.

import { whenDragged } from './drag.js';
import { isUnsaved } from './edits.js';
import { follow, form, tell, written } from './piece-form.js';
import { select } from './select.js';

/** How near a height or a place of another draws it, in CSS pixels. */
const PULL_PX = 5;

const field = (n, axis) => document.querySelector(`#f-purpose-fittings-${n}-at_mm-${axis}`);
const drawn = (n) => document.querySelector(`[data-fitting="${n}"]`);
const stands = (one) => ({ x: Number(one.dataset.x), y: Number(one.dataset.y) });

/** Places that the server has not answered yet, by fitting. */
const moved = new Map();

function put(one, to) {
    const svg = one.closest('svg');
    const { x, y } = stands(one);
    const right = (svg.dataset.turned === '1' ? -1 : 1) * (to.x - x);
    moved.set(one.dataset.fitting, to);
    one.setAttribute('transform', `translate(${right * svg.dataset.scale} ${-(to.y - y) * svg.dataset.scale})`);
    field(one.dataset.fitting, 0).value = written(to.x);
    field(one.dataset.fitting, 1).value = written(to.y);
}

/** Puts one, and the other of its pair where it mirrors it. */
function putBoth(one, to) {
    const other = one.dataset.partner === undefined ? null : drawn(one.dataset.partner);
    const middle = other && 0.5 * (stands(one).x + stands(other).x);
    put(one, to);
    if (other) {
        put(other, { x: 2 * middle - to.x, y: to.y });
    }
}

document.addEventListener('keydown', (event) => {
    const one = event.target instanceof Element ? event.target.closest('[data-fitting]') : null;
    const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key];
    if (!one || !way || !form()) {
        return;
    }
    event.preventDefault();
    const { x, y } = moved.get(one.dataset.fitting) ?? stands(one);
    const step = event.shiftKey ? 10 : 1;
    putBoth(one, { x: x + way[0] * step, y: y + way[1] * step });
    follow();
});

whenDragged(
    (event) => {
        const one = event.target instanceof Element ? event.target.closest('[data-fitting]') : null;
        if (!one || !form() || event.button !== 0) {
            return null;
        }
        event.preventDefault();
        select(`fitting-${one.dataset.fitting}`);
        const svg = one.closest('svg');
        return { one, units: svg.getScreenCTM().a * svg.dataset.scale, x: event.clientX, y: event.clientY, was: stands(one), moved: false };
    },
    (held, event) => {
        const turned = held.one.closest('svg').dataset.turned === '1' ? -1 : 1;
        const to = {
            x: Math.round(held.was.x + (turned * (event.clientX - held.x)) / held.units),
            y: Math.round(held.was.y - (event.clientY - held.y) / held.units),
        };
        held.moved ||= to.x !== Math.round(held.was.x) || to.y !== Math.round(held.was.y);
        if (!held.moved) {
            return;
        }
        for (const axis of event.altKey ? [] : ['x', 'y']) {
            const others = [...document.querySelectorAll('[data-fitting]')].filter(
                (other) => other !== held.one && other.dataset.fitting !== held.one.dataset.partner,
            );
            const mark = [0, ...others.map((other) => stands(other)[axis])].find((one) => Math.abs(one - to[axis]) * held.units < PULL_PX);
            to[axis] = mark ?? to[axis];
        }
        putBoth(held.one, to);
    },
    () => tell(0),
);

document.addEventListener('htmx:after:swap', () => {
    // What was moved on meanwhile stays where the hand has put it.
    for (const [n, to] of moved) {
        const places = [0, 1].map((axis) => field(n, axis));
        if (drawn(n) && places.every(Boolean) && places.some(isUnsaved)) {
            put(drawn(n), to);
        } else {
            moved.delete(n);
        }
    }
});

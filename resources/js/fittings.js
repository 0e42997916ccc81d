// Hooks, handles and feet in the drawings, moved by mouse, touch or keys; the two of a level pair stay mirrored.

import { whenArrowed } from './arrows.js';
import { whenDragged } from './drag.js';
import { keepMoved } from './edits.js';
import { meant, shown } from './gaze.js';
import { form, tell, written } from './piece-form.js';
import { select } from './select.js';

/** How near a height or a place of another draws it, in CSS pixels. */
const PULL_PX = 5;

const field = (n, axis) => document.querySelector(`#f-purpose-fittings-${n}-at_mm-${axis}`);
const drawn = (n) => document.querySelectorAll(`[data-fitting="${n}"]`);
const stands = (one) => ({ x: Number(one.dataset.x), y: Number(one.dataset.y) });

/** Places that the server has not answered yet, by fitting. */
const moved = new Map();

function put(n, to) {
    moved.set(n, to);
    for (const one of drawn(n)) {
        const { x, y } = stands(one);
        one.setAttribute('transform', shown(one.closest('svg'), { x: to.x - x, y: to.y - y }));
    }
    field(n, 0).value = written(to.x);
    field(n, 1).value = written(to.y);
}

/** Puts one, and the other of its pair where it mirrors it. */
function putBoth(one, to) {
    const { fitting, partner } = one.dataset;
    put(fitting, to);
    if (partner !== undefined) {
        put(partner, { x: stands(one).x + stands(drawn(partner)[0]).x - to.x, y: to.y });
    }
}

whenArrowed('[data-fitting]', (one, right, up) => {
    const { x, y } = moved.get(one.dataset.fitting) ?? stands(one);
    const by = meant(one.closest('svg'), right, up);
    putBoth(one, { x: x + by.x, y: y + by.y });
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
        return {
            one,
            svg,
            units: svg.getScreenCTM().a * svg.dataset.scale,
            x: event.clientX,
            y: event.clientY,
            was: stands(one),
            moved: false,
        };
    },
    (held, event) => {
        const by = meant(held.svg, (event.clientX - held.x) / held.units, (held.y - event.clientY) / held.units);
        const to = { ...held.was };
        const axes = ['x', 'y'].filter((axis) => Math.round(held.was[axis] + by[axis]) !== Math.round(held.was[axis]));
        held.moved ||= axes.length > 0;
        if (!held.moved) {
            return;
        }
        for (const axis of axes) {
            to[axis] = Math.round(held.was[axis] + by[axis]);
        }
        for (const axis of event.altKey ? [] : axes) {
            const others = [...document.querySelectorAll('[data-fitting]')].filter(
                (other) => ![held.one.dataset.fitting, held.one.dataset.partner].includes(other.dataset.fitting),
            );
            const mark = [0, ...others.map((other) => stands(other)[axis])].find((one) => Math.abs(one - to[axis]) * held.units < PULL_PX);
            to[axis] = mark ?? to[axis];
        }
        putBoth(held.one, to);
    },
    tell,
);

document.addEventListener('htmx:after:swap', () => keepMoved(moved, (n) => [0, 1].map((axis) => field(n, axis)), put));

// The surface between two given pours, moved by mouse, touch or keys: what one gains the other loses. The uppermost moves by itself.

import { UPRIGHT, whenArrowed } from './arrows.js';
import { whenDragged } from './drag.js';
import { keepMoved } from './edits.js';
import { form, millimetres, tell, written } from './piece-form.js';
import { select } from './select.js';

const STEP_MM = 0.5;
/** What a pour keeps at least, mm. */
const LEAST_MM = 0.5;

const depth = (k) => document.querySelector(`#f-pours-${k}-depth_mm`);
const surface = (k) => document.querySelector(`[data-surface="${k}"]`);

/** By how much each surface has been moved that the server has not answered yet, mm. */
const moved = new Map();

function move(k, by) {
    const svg = surface(k).closest('svg');
    const below = Number(surface(k).dataset.depth);
    const above = surface(k + 1) ? Number(surface(k + 1).dataset.depth) : Infinity;
    const to = Math.max(LEAST_MM - below, Math.min(above - LEAST_MM, by));
    moved.set(k, to);
    const way = svg.dataset.turned === '1' ? 1 : -1;
    surface(k).setAttribute('transform', `translate(0 ${way * to * svg.dataset.scale * svg.dataset.stretch})`);
    surface(k).querySelector('.level').textContent = written(Number(surface(k).getAttribute('aria-valuenow')) + to);
    depth(k).value = written(below + to);
    if (surface(k + 1)) {
        depth(k + 1).value = written(above - to);
    }
}

whenArrowed(
    '[data-surface]',
    (one, right, up) => {
        const k = Number(one.dataset.surface);
        move(k, (moved.get(k) ?? 0) + up * STEP_MM);
    },
    UPRIGHT,
);

whenDragged(
    (event) => {
        const one = event.target instanceof Element ? event.target.closest('[data-surface]') : null;
        if (!one || !form() || event.button !== 0) {
            return null;
        }
        event.preventDefault();
        one.focus({ preventScroll: true });
        const k = Number(one.dataset.surface);
        select(`pour-${k}`);
        const svg = one.closest('svg');
        const units = svg.getScreenCTM().a * svg.dataset.scale * svg.dataset.stretch * (svg.dataset.turned === '1' ? -1 : 1);
        return { k, from: event.clientY, units, was: moved.get(k) ?? 0, moved: false };
    },
    (held, event) => {
        const by = Math.round((held.from - event.clientY) / held.units / STEP_MM) * STEP_MM;
        held.moved ||= by !== 0;
        if (held.moved) {
            move(held.k, held.was + by);
        }
    },
    tell,
);

document.addEventListener('htmx:after:swap', () =>
    keepMoved(
        moved,
        (k) => [surface(k) && depth(k)],
        (k) => move(k, millimetres(depth(k)) - Number(surface(k).dataset.depth)),
    ),
);

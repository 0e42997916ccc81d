// Objects in the drawings, moved by mouse, touch or keys, alone or several at once. The server knows what a move
// means; here only the form's fields are written and the form is told.

import { whenArrowed } from './arrows.js';
import { whenDragged } from './drag.js';
import { keepMoved } from './edits.js';
import { meant, shown } from './gaze.js';
import { form, tell, written } from './piece-form.js';
import { select } from './select.js';

/** How near a mark draws a dragged object, in CSS pixels. */
const PULL_PX = 5;
/** Marks between set surfaces, mm. */
const GRID_MM = 5;

/** The fields that say where an object is. */
const PLACES = ['at_mm-0', 'at_mm-1', 'target_bottom_mm'];

const field = (index, name) => document.querySelector(`#f-inclusions-${index}-${name}`);
const drawn = (index) => document.querySelectorAll(`[data-drawing] [data-object="${index}"]`);

/** Places in millimetres that the server has not answered yet, by object. */
const moved = new Map();
/** Objects that were chosen together, and of how many. */
const chosen = new Set();
let objects = document.querySelectorAll('[data-choose]').length;

function place(index) {
    const { x, y, bottom } = drawn(index)[0].dataset;
    return moved.get(index) ?? { x: Number(x), y: Number(y), bottom: Number(bottom) };
}

/** The object itself, all that were chosen with it, and the groups of any of them. */
function together(index) {
    const some = chosen.has(index) ? [...chosen] : [index];
    const groups = some.map((one) => drawn(one)[0]?.dataset.group).filter(Boolean);
    const grouped = groups.flatMap((group) => [...document.querySelectorAll(`[data-group="${CSS.escape(group)}"]`)]);
    return [...new Set([...some, ...grouped.map((one) => one.dataset.object)])].filter((one) => field(one, 'at_mm-0'));
}

/** Writes a place, and shows it in both drawings until they come back from the server. */
function put(index, to) {
    moved.set(index, to);
    for (const object of drawn(index)) {
        const { x, y, bottom } = object.dataset;
        const svg = object.closest('svg');
        const by = shown(svg, { x: to.x - x, y: to.y - y, bottom: to.bottom - bottom });
        object.setAttribute('transform', by);
        svg.querySelector(`[data-name-of="${index}"]`)?.setAttribute('transform', by);
    }
    field(index, 'at_mm-0').value = written(to.x);
    field(index, 'at_mm-1').value = written(to.y);
    field(index, 'target_bottom_mm').value = written(to.bottom);
}

/** Moves objects from their places by millimetres right and up as the drawing shows them. */
function shift(from, svg, right, up) {
    const by = meant(svg, right, up);
    for (const [index, was] of from) {
        put(index, { x: was.x + by.x, y: was.y + by.y, bottom: Math.max(0, was.bottom + by.bottom) });
    }
}

/** The move that brings a height or a place onto a mark, where one is near. */
function pulled(svg, was, right, up, perMm, perMmUp) {
    if (svg.dataset.drawing !== 'section') {
        const near = (value) => (Math.abs(value) * perMm < PULL_PX ? -value : 0);
        return [right + near(was.x + right), up + near(was.y + up)];
    }
    const bottom = was.bottom + up;
    const marks = [...svg.dataset.marks.split(',').map(Number), Math.round(bottom / GRID_MM) * GRID_MM];
    const mark = marks.find((one) => Math.abs(one - bottom) * perMmUp < PULL_PX);
    return [right, mark === undefined || svg.dataset.turned === '1' ? up : mark - was.bottom];
}

/** What all that were chosen say in a field, where they say the same. */
function inCommon(key) {
    const texts = [...chosen].map((index) => field(index, key.replaceAll('/', '-'))?.value);
    // What is not opened yet is not known here.
    return texts.every((text) => text !== undefined && text === texts[0]) ? texts[0] : document.querySelector('#several').dataset.differ;
}

function show() {
    for (const object of document.querySelectorAll('[data-object]')) {
        object.classList.toggle('chosen', chosen.has(object.dataset.object));
    }
    const ticks = [...document.querySelectorAll('[data-choose]')];
    for (const tick of ticks) {
        tick.checked = chosen.has(tick.dataset.choose);
    }
    const several = document.querySelector('#several');
    if (several && chosen.size > 0) {
        several.querySelector('.chosen-names').textContent = ticks
            .filter((tick) => tick.checked)
            .map((tick) => tick.value)
            .join(', ');
        for (const one of several.querySelectorAll('[name^="each["]')) {
            one.placeholder = inCommon(/\[(.*)\]/.exec(one.name)[1]);
        }
    }
}

function toggle(index) {
    if (!chosen.delete(index)) {
        chosen.add(index);
    }
    show();
    select(chosen.size > 1 ? 'together' : `object-${index}`);
}

document.addEventListener('change', (event) => {
    const index = event.target.dataset?.choose;
    if (index !== undefined) {
        chosen[event.target.checked ? 'add' : 'delete'](index);
        show();
    }
});

document.addEventListener('keydown', (event) => {
    const object = event.target instanceof Element ? event.target.closest('[data-object]') : null;
    if (object && form() && event.key === ' ') {
        event.preventDefault();
        toggle(object.dataset.object);
    }
});

whenArrowed('[data-object]', (object, right, up) => {
    const index = object.dataset.object;
    if (!chosen.has(index)) {
        select(`object-${index}`);
    }
    const from = together(index).map((one) => [one, place(one)]);
    shift(from, object.closest('svg'), right, up);
});

whenDragged(
    (event) => {
        const object = event.target instanceof Element ? event.target.closest('[data-object]') : null;
        if (!object || !form() || event.button !== 0) {
            return null;
        }
        event.preventDefault();
        const index = object.dataset.object;
        object.focus({ preventScroll: true });
        if (event.shiftKey) {
            toggle(index);
            return null;
        }
        if (!chosen.has(index)) {
            chosen.clear();
            show();
            select(`object-${index}`);
        }
        const svg = object.closest('svg');
        const units = svg.getScreenCTM().a * Number(svg.dataset.scale);
        return {
            svg,
            units,
            upUnits: units * Number(svg.dataset.stretch),
            fromX: event.clientX,
            fromY: event.clientY,
            was: place(index),
            from: together(index).map((one) => [one, place(one)]),
            moved: false,
        };
    },
    (held, event) => {
        let right = Math.round((event.clientX - held.fromX) / held.units);
        let up = Math.round((held.fromY - event.clientY) / held.upUnits);
        held.moved ||= right !== 0 || up !== 0;
        if (!held.moved) {
            return;
        }
        if (!event.altKey) {
            [right, up] = pulled(held.svg, held.was, right, up, held.units, held.upUnits);
        }
        shift(held.from, held.svg, right, up);
    },
    tell,
);

document.addEventListener('htmx:after:swap', ({ detail: { ctx } }) => {
    keepMoved(moved, (index) => PLACES.map((name) => field(index, name)), put);
    // What was set for each is set.
    for (const one of ctx.select === '#piece' ? document.querySelectorAll('#several [name^="each["]') : []) {
        one.value = one.defaultValue;
    }
    // One that is gone takes the numbers of the others with it.
    const count = document.querySelectorAll('[data-choose]').length;
    if (count !== objects) {
        chosen.clear();
        objects = count;
    }
    show();
});
show();

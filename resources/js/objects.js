// Objects in the drawings, moved by mouse, touch or keys, alone or several at once. The server knows what a move
// means; here only the form's fields are written and the form is told.

import { whenDragged } from './drag.js';
import { isUnsaved } from './edits.js';
import { follow, form, tell, written } from './piece-form.js';
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
        const { drawing, scale, stretch, degrees, turned } = object.closest('[data-drawing]').dataset;
        const moves = {
            x: to.x - Number(object.dataset.x),
            y: to.y - Number(object.dataset.y),
            bottom: to.bottom - Number(object.dataset.bottom),
        };
        const turn = (Number(degrees) * Math.PI) / 180;
        const side = drawing === 'section';
        const right = (side ? moves.x * Math.cos(turn) + moves.y * Math.sin(turn) : moves.x) * (turned === '1' ? -1 : 1);
        const up = side ? moves.bottom * (turned === '1' ? -1 : 1) : moves.y;
        const by = `translate(${right * scale} ${-up * scale * stretch})`;
        object.setAttribute('transform', by);
        object.closest('svg').querySelector(`[data-name-of="${index}"]`)?.setAttribute('transform', by);
    }
    field(index, 'at_mm-0').value = written(to.x);
    field(index, 'at_mm-1').value = written(to.y);
    field(index, 'target_bottom_mm').value = written(to.bottom);
}

/** Moves objects from their places by millimetres right and up as the drawing shows them. */
function shift(from, svg, right, up) {
    const { drawing, degrees, turned } = svg.dataset;
    const turn = (Number(degrees) * Math.PI) / 180;
    const along = turned === '1' ? -right : right;
    for (const [index, was] of from) {
        put(
            index,
            drawing === 'section'
                ? {
                      x: was.x + along * Math.cos(turn),
                      y: was.y + along * Math.sin(turn),
                      bottom: Math.max(0, was.bottom + (turned === '1' ? -up : up)),
                  }
                : { ...was, x: was.x + along, y: was.y + up },
        );
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
    const texts = [...chosen].map((index) => field(index, key.replaceAll('/', '-'))?.value ?? '');
    return texts.every((text) => text === texts[0]) ? texts[0] : document.querySelector('#several').dataset.differ;
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
    const arrow = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key];
    if (!object || !form() || (!arrow && event.key !== ' ')) {
        return;
    }
    event.preventDefault();
    const index = object.dataset.object;
    if (!arrow) {
        toggle(index);
        return;
    }
    if (!chosen.has(index)) {
        select(`object-${index}`);
    }
    const step = event.shiftKey ? 10 : 1;
    const from = together(index).map((one) => [one, place(one)]);
    shift(from, object.closest('svg'), arrow[0] * step, arrow[1] * step);
    follow();
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
    () => tell(0),
);

document.addEventListener('htmx:after:swap', ({ detail: { ctx } }) => {
    // What was moved on meanwhile stays where the hand has put it.
    for (const [index, to] of moved) {
        const places = PLACES.map((name) => field(index, name));
        if (places.every(Boolean) && places.some(isUnsaved)) {
            put(index, to);
        } else {
            moved.delete(index);
        }
    }
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

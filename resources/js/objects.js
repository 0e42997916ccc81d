// Objects in the drawings, moved by mouse, touch or keys. The server knows what a move means; here only the
// form's fields are written and the form is told.

const WAIT_MS = 250;
const form = () => document.querySelector('#piece-form');
let timer = null;

const field = (object, name) => document.querySelector(`#f-inclusions-${object.dataset.object}-${name}`);

/** Writes a place, in millimetres, and shows it until the drawing comes back from the server. */
function move(object, { x, y, bottom }) {
    const before = { x: Number(object.dataset.x), y: Number(object.dataset.y), bottom: Number(object.dataset.bottom) };
    const drawing = object.closest('[data-drawing]');
    const scale = Number(drawing.dataset.scale);
    object.dataset.movedX = x;
    object.dataset.movedY = y;
    object.dataset.movedBottom = bottom;
    const up = drawing.dataset.drawing === 'section' ? bottom - before.bottom : y - before.y;
    object.setAttribute('transform', `translate(${(x - before.x) * scale} ${-up * scale * Number(drawing.dataset.stretch)})`);
    field(object, 'at_mm-0').value = `${round(x)} mm`;
    field(object, 'at_mm-1').value = `${round(y)} mm`;
    field(object, 'target_bottom_mm').value = `${round(bottom)} mm`;
}

const round = (mm) => Math.round(mm * 10) / 10;

const place = (object) => ({
    x: Number(object.dataset.movedX ?? object.dataset.x),
    y: Number(object.dataset.movedY ?? object.dataset.y),
    bottom: Number(object.dataset.movedBottom ?? object.dataset.bottom),
});

function tell(wait) {
    clearTimeout(timer);
    timer = setTimeout(() => form()?.dispatchEvent(new Event('typed')), wait);
}

// The fields stand outside the form that they belong to, where its own listeners do not hear them.
document.addEventListener('change', (event) => {
    if (event.target.form && event.target.form === form()) {
        tell(0);
    }
});

document.addEventListener('keydown', (event) => {
    const object = event.target instanceof Element ? event.target.closest('[data-object]') : null;
    const arrows = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] };
    const arrow = arrows[event.key];
    if (!object || !arrow || !form()) {
        return;
    }
    event.preventDefault();
    const step = event.shiftKey ? 10 : 1;
    const to = place(object);
    to.x += arrow[0] * step;
    if (object.closest('[data-drawing]').dataset.drawing === 'section') {
        to.bottom = Math.max(0, to.bottom + arrow[1] * step);
    } else {
        to.y += arrow[1] * step;
    }
    move(object, to);
    tell(WAIT_MS);
});

let held = null;

document.addEventListener('pointerdown', (event) => {
    const object = event.target instanceof Element ? event.target.closest('[data-object]') : null;
    if (!object || !form() || event.button !== 0) {
        return;
    }
    object.focus({ preventScroll: true });
    event.preventDefault();
    const drawing = object.closest('svg');
    const units = drawing.getScreenCTM().a * Number(drawing.dataset.scale);
    held = {
        object,
        units,
        upUnits: units * Number(drawing.dataset.stretch),
        fromX: event.clientX,
        fromY: event.clientY,
        from: place(object),
        moved: false,
    };
});

document.addEventListener('pointermove', (event) => {
    if (!held) {
        return;
    }
    const right = Math.round((event.clientX - held.fromX) / held.units);
    const up = Math.round((held.fromY - event.clientY) / held.upUnits);
    const side = held.object.closest('[data-drawing]').dataset.drawing === 'section';
    held.moved ||= right !== 0 || up !== 0;
    move(held.object, {
        x: held.from.x + right,
        y: side ? held.from.y : held.from.y + up,
        bottom: side ? Math.max(0, held.from.bottom + up) : held.from.bottom,
    });
});

document.addEventListener('pointerup', () => {
    if (held?.moved) {
        tell(0);
    }
    held = null;
});
document.addEventListener('pointercancel', () => {
    held = null;
});

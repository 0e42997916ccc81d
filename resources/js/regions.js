// Regions of a coat on the plan: drawn with what is chosen beside it, moved, taken hold of at their edges, coloured from the pots. The
// server knows what a region is; here fields are written and presses are made.

import { whenArrowed } from './arrows.js';
import { whenDragged } from './drag.js';
import { follow, form, millimetres, tell, written } from './piece-form.js';
import { select } from './select.js';

const STEP_MM = 0.5;
/** How near a mark draws an edge, in CSS pixels. */
const PULL_PX = 6;
const SVG = 'http://www.w3.org/2000/svg';

const plan = () => document.querySelector('svg[data-drawing="plan"]');
const field = (of, key) => document.querySelector(`#f-pours-${of.replace('-', '-zones-')}-${key}`);
const rounded = (mm) => Math.round(mm / STEP_MM) * STEP_MM;
const numbers = (text) => text.split(',').map(Number);

/** What is to be drawn, if anything. */
let tool = null;

/** Millimetres right of and behind the middle. */
function place(event) {
    const svg = plan();
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
    return { x: ((svg.dataset.turned === '1' ? -1 : 1) * at.x) / svg.dataset.scale, y: -at.y / svg.dataset.scale };
}

/** Drawing units of a place. */
function units({ x, y }) {
    const svg = plan();
    return { x: (svg.dataset.turned === '1' ? -1 : 1) * x * svg.dataset.scale, y: -y * svg.dataset.scale };
}

function writePoints(of, change) {
    const one = field(of, 'points_mm');
    const points = [...document.querySelectorAll(`.grip[data-of="${of}"][data-kind="spot"]`)].map((spot) => numbers(spot.dataset.across));
    one.value = points
        .map(([x, y], n) => change(x, y, n))
        .map(([x, y]) => `${written(x)}: ${written(y)}`)
        .join('; ');
}

/** Where an edge stands that a place is given for, in its own measure. */
function measure(grip, at) {
    const [c, s] = numbers(grip.dataset.across);
    return grip.dataset.kind === 'round' ? Math.hypot(at.x - c, at.y - s) : at.x * c + at.y * s;
}

function pulled(grip, mm, free) {
    const near = PULL_PX / (plan().getScreenCTM().a * plan().dataset.scale);
    const mark = free ? undefined : numbers(grip.dataset.marks).find((one) => Math.abs(one - mm) < near);
    return mark ?? rounded(mm);
}

/** Writes where an edge stands, and shows it there until the drawing comes back. */
function put(grip, mm) {
    const { kind, across, of, grip: key } = grip.dataset;
    const svg = plan();
    if (kind === 'round') {
        const to = Math.max(STEP_MM, mm);
        field(of, key).value = written(to);
        grip.querySelectorAll('circle').forEach((circle) => circle.setAttribute('r', to * svg.dataset.scale));
        return;
    }
    const [c, s] = numbers(across);
    const by = units({ x: (mm - grip.dataset.value) * c, y: (mm - grip.dataset.value) * s });
    field(of, key).value = written(mm);
    grip.setAttribute('transform', `translate(${by.x} ${by.y})`);
}

function putSpot(grip, at) {
    writePoints(grip.dataset.of, (x, y, n) => (n === Number(grip.dataset.value) ? [rounded(at.x), rounded(at.y)] : [x, y]));
    const [x, y] = numbers(grip.dataset.across);
    const by = units({ x: at.x - x, y: at.y - y });
    grip.setAttribute('transform', `translate(${by.x} ${by.y})`);
}

/** An edge, and that of the neighbour which lies on it: they stay together. */
function withNeighbours(grip) {
    const { kind, across, value } = grip.dataset;
    const same = [...document.querySelectorAll('.grip[data-grip]')].filter(
        (one) => kind !== 'spot' && one.dataset.kind === kind && one.dataset.across === across && one.dataset.value === value,
    );
    return [grip, ...same.filter((one) => one !== grip)];
}

/** Moves a whole region by millimetres. */
function shift(part, was, dx, dy) {
    const of = part.dataset.region;
    const turn = (Number(part.dataset.degrees) * Math.PI) / 180;
    const across = rounded(dx * Math.cos(turn) + dy * Math.sin(turn));
    if (part.dataset.moves === 'line') {
        writePoints(of, (x, y) => [rounded(x + dx), rounded(y + dy)]);
        return;
    }
    for (const [key, mm] of Object.entries(was)) {
        const by = key.endsWith('-0') ? dx : key.endsWith('-1') ? dy : across;
        field(of, key).value = written(rounded(mm + by));
    }
}

/** Where a region stands that is moved as a whole: what its fields say, mm. */
function standing(part) {
    const keys = { band: ['from_mm', 'to_mm'], half: ['from_mm'], ring: ['at_mm-0', 'at_mm-1'], outline: ['at_mm-0', 'at_mm-1'] };
    return Object.fromEntries((keys[part.dataset.moves] ?? []).map((key) => [key, millimetres(field(part.dataset.region, key))]));
}

function showTool() {
    for (const one of document.querySelectorAll('[data-tool]')) {
        one.setAttribute('aria-pressed', String(one.dataset.tool === tool));
    }
    const how = document.querySelector('.tools .how');
    if (how) {
        how.textContent = document.querySelector(`[data-tool="${tool}"]`)?.dataset.how ?? '';
    }
    plan()?.classList.toggle('draws', tool !== null);
}

function choose(wanted) {
    tool = wanted === tool ? null : wanted;
    showTool();
}

/** Gives a region a colour, by the pot that stands there now: it may have come anew while it was held. */
function pour(colour, region) {
    const pot = [...document.querySelectorAll('.swatches .pot')].find((one) => one.value === colour);
    if (pot) {
        pot.form.elements.part.value = `region-${region}`;
        pot.form.requestSubmit(pot);
    }
}

/** A line, or a circle for what is round, from where the hand began to where it is. */
function sketch(points) {
    const svg = plan();
    const round = tool === 'ring';
    const shape = svg.querySelector('.sketch') ?? svg.appendChild(document.createElementNS(SVG, round ? 'circle' : 'polyline'));
    shape.setAttribute('class', 'sketch');
    const [from, to] = [units(points[0]), units(points.at(-1))];
    if (round) {
        Object.entries({ cx: from.x, cy: from.y, r: Math.hypot(to.x - from.x, to.y - from.y) }).forEach(([name, value]) =>
            shape.setAttribute(name, value),
        );
    } else {
        const free = ['line', 'outline'].includes(tool);
        const some = free ? points.map(units) : [from, to];
        shape.setAttribute('points', some.map(({ x, y }) => `${x},${y}`).join(' '));
    }
}

function drawn(points) {
    const draws = document.querySelector('[data-draws]');
    draws.elements.shape.value = tool;
    draws.elements.points.value = points.map(({ x, y }) => `${x.toFixed(1)},${y.toFixed(1)}`).join(' ');
    choose(null);
    draws.requestSubmit();
}

document.addEventListener('click', (event) => {
    const button = event.target instanceof Element ? event.target.closest('[data-tool]') : null;
    if (button) {
        choose(button.dataset.tool);
    }
});

document.addEventListener('keydown', (event) => {
    if (event.key === 'Escape' && tool) {
        choose(null);
    }
});

whenArrowed('.grip[data-grip]', (grip, right, up) => {
    if (grip.dataset.kind === 'spot') {
        const [x, y] = numbers(grip.dataset.across);
        putSpot(grip, { x: x + right * STEP_MM, y: y + up * STEP_MM });
    } else {
        const stands = millimetres(field(grip.dataset.of, grip.dataset.grip));
        withNeighbours(grip).forEach((one) => put(one, rounded(stands + (right + up) * STEP_MM)));
    }
});

/** What the pointer takes hold of: the plan to draw on, an edge, a whole region, or a pot of colour. */
function take(event) {
    const on = event.target instanceof Element && event.button === 0 && form() ? event.target : null;
    if (tool && on?.closest('svg[data-drawing="plan"]')) {
        event.preventDefault();
        return { points: [place(event)] };
    }
    const pot = on?.closest('.swatches .pot');
    if (pot) {
        return { colour: pot.value, x: event.clientX, y: event.clientY };
    }
    const grip = on?.closest('.grip[data-grip]');
    const part = grip ? null : on?.closest('[data-region]');
    if (!grip && !part) {
        return null;
    }
    event.preventDefault();
    const of = (grip ?? part).dataset.of ?? part.dataset.region;
    if (grip) {
        grip.focus({ preventScroll: true });
        select(`region-${of}`);
    }
    return { grips: grip && withNeighbours(grip).map((one) => one.id), part, from: place(event), was: part && standing(part) };
}

whenDragged(
    take,
    (held, event) => {
        const at = place(event);
        if (held.points) {
            held.points.push(at);
            held.moved = true;
            sketch(held.points);
            return;
        }
        if ('colour' in held) {
            held.moved ||= Math.hypot(event.clientX - held.x, event.clientY - held.y) > 6;
            held.over = held.moved ? document.elementFromPoint(event.clientX, event.clientY)?.closest('[data-region]') : null;
            plan().classList.toggle('pours-on', held.moved);
            return;
        }
        const [dx, dy] = [at.x - held.from.x, at.y - held.from.y];
        held.moved ||= Math.hypot(dx, dy) >= STEP_MM;
        if (!held.moved) {
            return;
        }
        if (held.grips) {
            // They may have come anew while they were held.
            const [grip, ...others] = held.grips.map((id) => document.getElementById(id)).filter(Boolean);
            if (grip?.dataset.kind === 'spot') {
                putSpot(grip, at);
            } else if (grip) {
                const mm = pulled(grip, measure(grip, at), event.altKey);
                [grip, ...others].forEach((one) => put(one, mm));
            }
        } else {
            shift(held.part, held.was, dx, dy);
        }
        follow(held);
    },
    (held) => {
        if (held.points) {
            document.querySelector('.sketch')?.remove();
            drawn(held.points);
        } else if ('colour' in held) {
            plan().classList.remove('pours-on');
            if (held.over) {
                pour(held.colour, held.over.dataset.region);
            }
        } else {
            tell(held);
        }
    },
);

// A link of the drawing is moved, not carried away.
document.addEventListener('dragstart', (event) => {
    if (event.target instanceof Element && event.target.closest('.drawings')) {
        event.preventDefault();
    }
});

document.addEventListener('htmx:after:swap', showTool);

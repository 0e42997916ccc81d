// Looks at both drawings from nearer: a part of each is shown, and dragged by its ground. What is shown stays as
// near when the drawings come back from the server.

const MOST = 6;
const STEP = 1.5;
/** Both by drawing: how near, and the middle of what is shown in shares of the whole. */
const views = { section: { near: 1, x: 0.5, y: 0.5 }, plan: { near: 1, x: 0.5, y: 0.5 } };

function whole(svg) {
    svg.dataset.whole ??= svg.getAttribute('viewBox');
    return svg.dataset.whole.split(' ').map(Number);
}

function apply() {
    for (const svg of document.querySelectorAll('svg[data-drawing]')) {
        const view = views[svg.dataset.drawing];
        const [left, top, width, height] = whole(svg);
        const half = 0.5 / view.near;
        view.x = Math.min(1 - half, Math.max(half, view.x));
        view.y = Math.min(1 - half, Math.max(half, view.y));
        svg.setAttribute(
            'viewBox',
            [left + (view.x - half) * width, top + (view.y - half) * height, width / view.near, height / view.near].join(' '),
        );
        svg.classList.toggle('nearer', view.near > 1);
    }
}

function nearer(by, kinds) {
    for (const kind of kinds) {
        views[kind].near = Math.min(MOST, Math.max(1, views[kind].near * by));
    }
    apply();
}

document.addEventListener('click', (event) => {
    const button = event.target instanceof Element ? event.target.closest('[data-zoom]') : null;
    if (button) {
        nearer(button.dataset.zoom === 'in' ? STEP : 1 / STEP, Object.keys(views));
    }
});

document.addEventListener(
    'wheel',
    (event) => {
        const svg = event.target instanceof Element ? event.target.closest('svg[data-drawing]') : null;
        if (svg && event.ctrlKey) {
            event.preventDefault();
            nearer(event.deltaY < 0 ? 1.2 : 1 / 1.2, [svg.dataset.drawing]);
        }
    },
    { passive: false },
);

let held = null;

document.addEventListener('pointerdown', (event) => {
    const svg = event.target instanceof Element ? event.target.closest('svg.nearer') : null;
    if (svg && !event.target.closest('[data-object], [data-surface], [data-region], [data-grip], [data-fitting], .draws')) {
        held = { svg, x: event.clientX, y: event.clientY };
    }
});
document.addEventListener('pointermove', (event) => {
    if (!held) {
        return;
    }
    const view = views[held.svg.dataset.drawing];
    view.x -= (event.clientX - held.x) / held.svg.clientWidth / view.near;
    view.y -= (event.clientY - held.y) / held.svg.clientHeight / view.near;
    held = { ...held, x: event.clientX, y: event.clientY };
    apply();
});
for (const end of ['pointerup', 'pointercancel']) {
    document.addEventListener(end, () => {
        held = null;
    });
}

document.addEventListener('htmx:after:swap', apply);
apply();

// Three clicks on a photograph: two ends of a known length, then the middle of the vessel. The fields hold the pixels.

const form = document.querySelector('[data-scaling]');
const svg = form?.querySelector('svg');
const field = (name) => form.querySelector(`#${name}`);
let clicks = 0;

function draw() {
    const line = svg.querySelector('[data-measure]');
    for (const name of ['x1', 'y1', 'x2', 'y2']) {
        line.setAttribute(name, field(name).value || field(name.replace('2', '1')).value || 0);
    }
    svg.querySelector('[data-middle]').setAttribute('transform', `translate(${field('mx').value || 0} ${field('my').value || 0})`);
}

if (form) {
    svg.addEventListener('click', (event) => {
        const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
        const [right, down] = [
            ['x1', 'y1'],
            ['x2', 'y2'],
            ['mx', 'my'],
        ][clicks % 3];
        const { width, height } = svg.viewBox.baseVal;
        field(right).value = Math.round(Math.min(width, Math.max(0, point.x)));
        field(down).value = Math.round(Math.min(height, Math.max(0, point.y)));
        clicks += 1;
        draw();
        if (clicks % 3 === 2) {
            field('length').focus({ preventScroll: true });
        }
    });
    form.addEventListener('input', draw);
    draw();
}

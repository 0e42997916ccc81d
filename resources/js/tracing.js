// A dam traced on the photograph: each click is a corner of it. The field holds the pixels.

const form = document.querySelector('[data-tracing]');

if (form) {
    const svg = form.querySelector('svg');
    const field = form.querySelector('[name="points"]');
    const points = () => field.value.split(' ').filter(Boolean);
    const draw = () => svg.querySelector('[data-dam]').setAttribute('points', points().join(' '));
    const put = (some) => {
        field.value = some.join(' ');
        draw();
    };
    svg.addEventListener('click', (event) => {
        const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
        const { width, height } = svg.viewBox.baseVal;
        const within = (value, most) => Math.round(Math.min(most, Math.max(0, value)));
        put([...points(), `${within(x, width)},${within(y, height)}`]);
    });
    form.querySelector('[data-back]').addEventListener('click', () => put(points().slice(0, -1)));
    field.addEventListener('input', draw);
    draw();
}

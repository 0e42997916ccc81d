// Words in a drawing keep the size in which they are read, however small the drawing is shown. The server places names for a screen; where
// they are larger than that, each goes up or down beside those before it, or waits until it is selected.

const MOST = 1.8;
/** Places in heights of a line, the nearest first. */
const BESIDE = [0, -1, 1, -2, 2];

const cover = (one, other) => one.left < other.right && other.left < one.right && one.top < other.bottom && other.top < one.bottom;

function spread(names) {
    const taken = [];
    // All measured before any is moved: the page is laid out once.
    const boxes = new Map(names.map((name) => [name, name.getBoundingClientRect()]));
    for (const [name, { left, right, top, height }] of boxes) {
        const at = (by) => ({ left, right, top: top + by * height, bottom: top + (by + 1) * height });
        const by = BESIDE.find((one) => !taken.some((other) => cover(at(one), other)));
        if (by === undefined) {
            name.classList.add('covered');
        } else if (height > 0) {
            name.setAttribute('dy', `${by}em`);
            taken.push(at(by));
        }
    }
}

function fit() {
    for (const svg of document.querySelectorAll('.drawings svg')) {
        const scale = svg.getScreenCTM()?.a ?? 1;
        const larger = Math.min(MOST, Math.max(1, 1 / scale));
        svg.style.setProperty('--as-read', larger.toFixed(2));
        const names = [...svg.querySelectorAll('.object-name:not(.crowded), .region-name:not(.crowded)')];
        for (const name of names) {
            name.removeAttribute('dy');
            name.classList.remove('covered');
        }
        spread(larger > 1 ? names : []);
    }
}

document.addEventListener('htmx:after:swap', fit);
window.addEventListener('resize', fit);
fit();

// Words in a drawing keep the size in which they are read, however small the drawing is shown.

const MOST = 1.8;

function fit() {
    for (const svg of document.querySelectorAll('.drawings svg')) {
        const scale = svg.getScreenCTM()?.a ?? 1;
        svg.style.setProperty('--as-read', Math.min(MOST, Math.max(1, 1 / scale)).toFixed(2));
    }
}

document.addEventListener('htmx:after:swap', fit);
window.addEventListener('resize', fit);
fit();

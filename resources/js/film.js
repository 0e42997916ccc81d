// The section of a cure follows its slider, and plays: one text a moment, a character a cell.

const form = document.querySelector('form.film');

function begin() {
    const { frames, moments, bands } = Object.fromEntries(
        ['frames', 'moments', 'bands'].map((name) => [name, JSON.parse(form.dataset[name])]),
    );
    const [from, to] = form.dataset.x.split(' ').map(Number);
    const slider = form.querySelector('[type="range"]');
    const told = form.querySelector('output');
    const play = form.querySelector('[data-play]');
    const cells = document.querySelectorAll('[data-film] [data-cell]');
    let clock = null;

    function show() {
        const frame = Number(slider.value);
        for (const cell of cells) {
            const band = bands[frames[frame][cell.dataset.cell]];
            if (cell.localName === 'text') {
                cell.setAttribute('class', band?.ink ?? '');
                cell.textContent = band?.digit ?? '';
            } else {
                cell.setAttribute('fill', band?.shade ?? 'none');
            }
        }
        told.textContent = moments[frame];
        slider.setAttribute('aria-valuetext', moments[frame]);
        const x = from + ((to - from) * frame) / (frames.length - 1);
        for (const line of document.querySelectorAll('[data-now]')) {
            line.setAttribute('x1', x);
            line.setAttribute('x2', x);
        }
    }

    function stop() {
        clearInterval(clock);
        clock = null;
        [play.textContent, play.dataset.pause] = [play.dataset.pause, play.textContent];
    }

    play.addEventListener('click', () => {
        if (clock !== null) {
            stop();
            return;
        }
        if (Number(slider.value) === frames.length - 1) {
            slider.value = 0;
        }
        [play.textContent, play.dataset.pause] = [play.dataset.pause, play.textContent];
        clock = setInterval(() => {
            slider.value = Number(slider.value) + 1;
            show();
            if (Number(slider.value) === frames.length - 1) {
                stop();
            }
        }, 125);
    });
    slider.addEventListener('input', show);
    play.hidden = false;
    form.querySelector('button:not([data-play])').hidden = true;
    show();
}

if (form !== null) {
    begin();
}

// What panels say of objects and regions comes with the answer as texts; those that are new are written where they stand.

document.addEventListener('htmx:after:swap', () => {
    const answer = document.querySelector('#answer');
    const lines = JSON.parse(answer?.dataset.says ?? '{}');
    for (const [id, text] of Object.entries(lines)) {
        const line = document.getElementById(id);
        if (line && line.textContent !== text) {
            line.textContent = text;
        }
    }
    answer?.removeAttribute('data-says');
});

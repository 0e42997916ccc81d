// Panels stay as they were opened or shut when a change shows the page anew.

const key = () => `folds:${window.location.pathname}`;
const name = (panel) => panel.id || panel.querySelector('summary')?.textContent.trim() || '';
const panels = () => [...document.querySelectorAll('main details')];

function kept() {
    try {
        return JSON.parse(sessionStorage.getItem(key()) ?? '{}');
    } catch {
        return {};
    }
}

document.addEventListener(
    'toggle',
    (event) => {
        const panel = event.target;
        if (panel instanceof HTMLDetailsElement && panel.closest('main')) {
            sessionStorage.setItem(key(), JSON.stringify({ ...kept(), [name(panel)]: panel.open }));
        }
    },
    true,
);

for (const panel of panels()) {
    const wanted = kept()[name(panel)];
    // What was refused is shown, whatever was shut.
    if (wanted !== undefined && !panel.querySelector('[aria-invalid]') && !panel.matches('.menu')) {
        panel.open = wanted;
    }
}

// A step of the sheet is kept as soon as it is ticked; what could not be kept is not shown as if it were.

import htmx from 'htmx.org';

const form = () => document.querySelector('#ticks');

document.addEventListener('change', async (event) => {
    const tick = event.target.closest?.('[data-tick]');
    if (!tick || !form()) {
        return;
    }
    const wanted = tick.checked;
    const values = { _token: form().elements._token.value, _method: 'patch', step: tick.value };
    const refusal = document.querySelector('#refusal');
    const kept = new Promise((resolve) => {
        tick.addEventListener('htmx:finally:request', ({ detail: { ctx } }) => resolve(ctx.response?.status < 300), { once: true });
        tick.addEventListener('htmx:error', () => resolve(false), { once: true });
    });
    refusal.textContent = '';
    htmx.ajax('POST', form().action, {
        source: tick,
        values: wanted ? { ...values, 'done[]': tick.value } : values,
        swap: 'none',
    });
    if (!(await kept)) {
        tick.checked = !wanted;
        refusal.textContent ||= form().dataset.unreached;
    }
});

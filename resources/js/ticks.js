// A step of the sheet is kept as soon as it is ticked; what could not be kept is not shown as if it were. What was ticked when the session
// had ended, or when the page was left before the answer, is ticked when its page is there again.

import htmx from 'htmx.org';
import { onceHeard } from './listening.js';

const ENDED = [401, 419];
const form = () => document.querySelector('#ticks');
const place = () => `ticks:${window.location.pathname}`;
const missed = () => JSON.parse(sessionStorage.getItem(place()) ?? '{}');
const remember = (step, wanted) => sessionStorage.setItem(place(), JSON.stringify({ ...missed(), [step]: wanted }));
let leaving = false;
window.addEventListener('beforeunload', () => (leaving = true));
window.addEventListener('pageshow', () => (leaving = false));

document.addEventListener('change', async (event) => {
    const tick = event.target.closest?.('[data-tick]');
    if (!tick || !form()) {
        return;
    }
    const wanted = tick.checked;
    const values = { _token: form().elements._token.value, _method: 'patch', step: tick.value };
    const refusal = document.querySelector('#refusal');
    const answered = new Promise((resolve) => {
        tick.addEventListener('htmx:finally:request', ({ detail: { ctx } }) => resolve(ctx.response?.status ?? 0), { once: true });
        tick.addEventListener('htmx:error', () => resolve(0), { once: true });
    });
    refusal.textContent = '';
    remember(tick.value, wanted);
    htmx.ajax('POST', form().action, {
        source: tick,
        values: wanted ? { ...values, 'done[]': tick.value } : values,
        swap: 'none',
    });
    const status = await answered;
    if (leaving) {
        return;
    }
    if (!ENDED.includes(status)) {
        remember(tick.value, undefined);
    }
    if (status < 200 || status >= 300) {
        tick.checked = !wanted;
        refusal.textContent ||= form().dataset.unreached;
    }
});

onceHeard(() => {
    if (!form()) {
        return;
    }
    const again = missed();
    for (const tick of document.querySelectorAll('[data-tick]')) {
        if (tick.value in again && tick.checked !== again[tick.value]) {
            tick.click();
        } else {
            remember(tick.value, undefined);
        }
    }
});

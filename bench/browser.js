// From a key to the grams and to the heat that it changes, on a piece of the demo, one of forty objects and one of ten coloured pours:
// median and 95th percentile in milliseconds, and the bytes of what is sent and answered. bench/browser [keys]

import { chromium } from '@playwright/test';
import { spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { setTimeout as wait } from 'node:timers/promises';

/** No more than keep the object inside the vessel, each at a place of its own. */
const KEYS = Math.min(26, Number(process.argv[2] ?? 20));
const SIGN_IN = 'test-results/served/bench/sign-in.txt';
/** Between a key and the next, so that each is answered whole. */
const PAUSE_MS = 150;

const freePort = () =>
    new Promise((resolve) => {
        const taken = createServer().listen(0, '127.0.0.1', () => {
            const { port } = taken.address();
            taken.close(() => resolve(port));
        });
    });

/** The cone block, with more objects or with given pours. */
function pieces() {
    const cone = JSON.parse(readFileSync('tests/Core/Answer/cases/larch-cone.json', 'utf8'));
    const { pours, ...plain } = cone;
    const bead = { ...cone.inclusions[0], size_mm: [6, 6, 6], target_bottom_mm: 14, material: { skeleton_g_cm3: 2.65 } };
    const inclusions = [...Array(40)].map((_, n) => ({
        ...bead,
        id: `bead ${n}`,
        at_mm: [9 * ((n % 7) - 3), 9 * (Math.floor(n / 7) - 3)],
    }));
    const bands = [...Array(6)].map((_, n) => ({
        shape: 'band',
        angle_deg: 0,
        from_mm: 15 * n - 45,
        to_mm: 15 * n - 30,
        mix: [{ colour: 'blue', drops_per_10_ml: 0.2 * (n + 1) }],
    }));
    const colours = [{ id: 'blue', name: 'Moor blue ink', kind: 'ink', shade: '#2458a8' }];
    const many = [...Array(10)].map((_, k) => ({ ...pours[0], depth_mm: 6, start_h: 30 * k, zones: bands }));
    return {
        'cone block': plain,
        'of forty objects': { ...plain, inclusions },
        'of ten pours of six regions': { ...plain, colours, pours: many },
    };
}

function line(what, times) {
    const sorted = [...times].sort((one, other) => one - other);
    const at = (share) => sorted[Math.floor(share * (sorted.length - 1))].toFixed(0).padStart(8);
    console.log(`${what.padEnd(52)} ${at(0.5)} ${at(0.95)}`);
}

const port = await freePort();
const served = spawn('tests/Browser/serve', { env: { ...process.env, PORT: port, NUMBER: 'bench' }, detached: true, stdio: 'ignore' });
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium-headless-shell', args: ['--no-sandbox', '--disable-gpu'] });
try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, baseURL: `http://127.0.0.1:${port}` });
    for (let isUp = false; !isUp; await wait(250)) {
        isUp = await page.goto('/sign-in').then(
            (answer) => answer.ok(),
            () => false,
        );
    }
    const [, email, password] = /as (\S+) with the password (\S+)/.exec(readFileSync(SIGN_IN, 'utf8'));
    await page.getByLabel('Mail address').fill(email);
    await page.getByLabel('Password').fill(password);
    await page.getByRole('button', { name: 'Sign in' }).click();
    const bytes = { sent: [], answered: [] };
    page.on('response', async (answer) => {
        if (answer.request().method() === 'POST' && /\/pieces\/\w+$/.test(answer.url())) {
            bytes.sent.push(answer.request().postData()?.length ?? 0);
            bytes.answered.push((await answer.body().catch(() => '')).length);
        }
    });
    console.log(`${''.padEnd(52)} ${'median'.padStart(8)} ${'95 %'.padStart(8)}`);
    for (const [name, document] of Object.entries(pieces())) {
        await page.goto('/pieces');
        await page
            .locator('#file')
            .setInputFiles({ name: 'a.pensilis.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(document)) });
        await page.getByRole('button', { name: 'Read it' }).click();
        await page.locator('#answer[data-computed]').waitFor({ state: 'attached', timeout: 120_000 });
        await page.evaluate(() => {
            window.times = { grams: [], heat: [] };
            let [pressed, of] = [0, ''];
            document.addEventListener(
                'keydown',
                () => {
                    [pressed, of] = [performance.now(), document.querySelector('#answer').dataset.of];
                },
                true,
            );
            new MutationObserver(() => {
                const { of: now, computed } = document.querySelector('#answer').dataset;
                if (pressed === 0 || now === of) {
                    return;
                }
                if (window.times.grams.length === window.times.heat.length) {
                    window.times.grams.push(performance.now() - pressed);
                }
                if (computed !== undefined) {
                    window.times.heat.push(performance.now() - pressed);
                    pressed = 0;
                }
            }).observe(document.querySelector('#piece'), {
                subtree: true,
                childList: true,
                attributes: true,
                attributeFilter: ['data-of', 'data-computed'],
            });
        });
        Object.assign(bytes, { sent: [], answered: [] });
        await page.locator('[data-drawing="section"] [data-object="0"]').first().focus();
        for (let n = 0; n < KEYS; n++) {
            await page.keyboard.press(n % 2 === 0 ? 'ArrowUp' : 'ArrowRight');
            await page.waitForFunction((count) => window.times.heat.length === count, n + 1, { timeout: 120_000 });
            await wait(PAUSE_MS);
        }
        const times = await page.evaluate(() => window.times);
        line(`${name}: key to grams`, times.grams);
        line(`${name}: key to heat`, times.heat);
        line(`${name}: bytes sent`, bytes.sent);
        line(`${name}: bytes answered`, bytes.answered);
    }
} finally {
    await browser.close();
    process.kill(-served.pid, 'SIGTERM');
}

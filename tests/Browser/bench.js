import { test as base, expect } from '@playwright/test';
import { readFileSync } from 'node:fs';

/** The pieces of the demo studio. */
export const DEMO = [
    'Larch cone block',
    'Gentian tray',
    'Brass key on slate',
    'Dusk over the moor',
    'Magpie feather coaster',
    'Garnet drops',
    'Wheels of a watch',
    'A letter from the valley',
];

/** The demo account of the studio that this process is served. */
export function account() {
    const file = `test-results/served/${base.info().parallelIndex}/sign-in.txt`;
    const [, email, password] = /as (\S+) with the password (\S+)/.exec(readFileSync(file, 'utf8'));
    return { email, password };
}

/** Who has signed in before stays so for the next test, unless that one signs out. */
let cookies = [];

export async function signIn(page) {
    const { email, password } = account();
    await page.context().addCookies(cookies);
    await page.goto('/pieces');
    if (page.url().endsWith('/pieces')) {
        return;
    }
    await page.getByLabel('Mail address').fill(email);
    await page.getByLabel('Password').fill(password);
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page).toHaveURL(/\/pieces$/);
    await page.waitForLoadState();
    cookies = await page.context().cookies();
}

/** Posts what a form of the page would, and tells where the answer leads. */
async function post(page, path, form = {}) {
    const token = await page.locator('[name="_token"]').first().inputValue();
    const answer = await page.request.post(path, { form: { _token: token, ...form }, maxRedirects: 0 });
    expect(answer.status()).toBe(302);
    return answer.headers().location;
}

/** The line of a piece in the list: first by its title, however many copies other tests have left. */
async function listed(page, title) {
    await page.goto(`/pieces?q=${encodeURIComponent(title)}&by=title`);
    return page.getByRole('link', { name: title, exact: true }).first();
}

/** Opens a demo piece and waits until heat and clock are there. */
export async function open(page, title) {
    await (await listed(page, title)).click();
    await computed(page);
}

/** Opens a copy of a demo piece, so that tests do not see each other's changes. */
export async function copyOf(page, title) {
    if (page.url() === 'about:blank') {
        await signIn(page);
    }
    const piece = await (await listed(page, title)).getAttribute('href');
    await page.goto(await post(page, `${piece}/copies`));
    await expect(page.getByRole('heading', { name: `${title} (copy)` })).toBeVisible();
    await computed(page);
}

/** A piece begun anew, its resin as it is offered or another. */
export async function begin(page, title, resin = null) {
    await signIn(page);
    await page.getByLabel('Title').fill(title);
    if (resin !== null) {
        await page.getByLabel('Resin').selectOption(resin);
    }
    await page.getByRole('button', { name: 'Begin' }).click();
    await expect(page.getByRole('heading', { name: title })).toBeVisible();
    await computed(page);
}

/** Takes the pours that were found as one's own. */
export async function ownPours(page) {
    await stage(page, 'Pours');
    await page.getByRole('button', { name: 'Edit these pours' }).click();
    await expect(page.getByRole('heading', { name: 'Your pours and times' })).toBeVisible();
    await computed(page);
}

/** Holds heat back; what it gives lets it go. */
export async function heatHeld(page) {
    let release;
    const held = new Promise((resolve) => {
        release = resolve;
    });
    await page.route(/\/heat\?/, async (route) => {
        await held;
        await route.continue();
    });
    return release;
}

/** Takes out what a test made, so that the list stays short. */
export async function discard(page) {
    await page.unrouteAll();
    await post(page, /\/pieces\/\w+/.exec(page.url())[0], { _method: 'delete' });
}

/** Presses what stands under More. */
export async function more(page, role, name) {
    await page.locator('.menu summary').click();
    await page.getByRole(role, { name, exact: true }).click();
}

/** Adds an object as one who types does. */
export async function add(page, kind) {
    const objects = await page.locator('.list a[href^="#object-"]').count();
    await stage(page, 'Objects');
    await page.getByLabel('One more object').fill(kind);
    await page.getByLabel('One more object').press('Enter');
    await expect(page.locator(`#object-${objects}`)).toBeVisible();
}

export async function stage(page, name) {
    await page.getByRole('navigation', { name: 'Stages of the work' }).getByRole('link', { name }).click();
}

/** Selects what has a panel. */
async function reach(page, panel) {
    const [, kind, n] = /^(\w+)(?:-(\d+))?/.exec(panel);
    if (kind === 'object') {
        await page.locator(`[data-drawing="plan"] [data-object="${n}"]`).first().press('Enter');
        return;
    }
    const above = { region: `pour-${n}`, fitting: 'use' }[kind] ?? panel;
    await page.locator(`.stages a[href="#${above}"], .pours a[href="#${above}"]`).click();
    if (above !== panel) {
        await page.locator(`.list a[href="#${panel}"]`).click();
    }
}

/** The field of a place in the plan file, once what it belongs to is selected and its fold is open. */
export async function field(page, pointer) {
    const one = page.locator(`[name="f[${pointer}]"]`);
    const panel = await one.evaluate((element) => element.closest('.panel').id);
    if (!(await page.locator(`#${panel}`).isVisible())) {
        await reach(page, panel);
    }
    const fold = page.locator('details', { has: one });
    if ((await fold.count()) > 0 && !(await fold.evaluate((details) => details.open))) {
        await fold.locator('summary').click();
    }
    return one;
}

export async function computed(page) {
    await expect(page.locator('#answer[data-computed]')).toBeAttached();
}

/** Does what changes the piece, and waits for all that it changes. */
export async function changes(page, act) {
    const of = await page.locator('#answer').getAttribute('data-of');
    await act();
    await expect(page.locator('#answer')).not.toHaveAttribute('data-of', of);
    await computed(page);
}

/** Figures of the pours table, row by row. */
export async function pours(page) {
    return page
        .locator('table.pours tbody tr')
        .evaluateAll((rows) => rows.map((row) => [...row.cells].map((cell) => cell.textContent.trim())));
}

/** A page that fails its test for any error in the console and any request to another host. */
export const test = base.extend({
    page: async ({ page, baseURL }, use) => {
        const wrong = [];
        page.on('pageerror', (error) => wrong.push(`script: ${error.message}`));
        page.on('console', (message) => {
            const expected = /status of (401|404|409|419|422|429)|net::ERR_FAILED|Failed to fetch/.test(message.text());
            if (message.type() === 'error' && !expected) {
                wrong.push(`console: ${message.text()}`);
            }
        });
        page.on('request', (request) => {
            if (!request.url().startsWith(baseURL) && !request.url().startsWith('data:')) {
                wrong.push(`foreign: ${request.url()}`);
            }
        });
        await use(page);
        expect(wrong).toEqual([]);
    },
});

export { expect };

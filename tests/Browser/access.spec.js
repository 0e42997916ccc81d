import AxeBuilder from '@axe-core/playwright';
import { changes, computed, copyOf, discard, expect, open, signIn, stage, test } from './bench.js';

/** WCAG 2.2 AA by axe, and no page that scrolls sideways. Shades are the same at every width: they are looked at on the widest. */
async function holds(page, within = null) {
    const axe = new AxeBuilder({ page })
        .setLegacyMode()
        .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'])
        .disableRules(page.viewportSize().width < 1000 ? ['color-contrast'] : []);
    const found = await (within === null ? axe : axe.include(within)).analyze();
    expect(found.violations.map((one) => `${one.id}: ${one.nodes.map((node) => node.target).join(' ')}`)).toEqual([]);
    expect(await page.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth)).toBe(true);
}

/** All panels at once, with all that folds open: what a page shows at any stage. */
async function opened(page) {
    await computed(page);
    await page.evaluate(() => {
        document.querySelectorAll('.panel, .panel-more').forEach((one) => one.classList.add('shown'));
        document.querySelectorAll('.inspector details').forEach((one) => one.setAttribute('open', ''));
    });
}

for (const address of ['/sign-in', '/forgotten', '/new-password/x', '/invitation/x', '/nowhere']) {
    test(`${address} is open to everybody`, async ({ page }) => {
        await page.goto(address);
        await holds(page);
    });
}

for (const [name, viewport] of [
    ['desk', { width: 1280, height: 800 }],
    ['hand', { width: 390, height: 844 }],
]) {
    test.describe(name, () => {
        test.use({ viewport });

        test('list, studio and refusals', async ({ page }) => {
            await signIn(page);
            await holds(page);
            await page.goto('/today');
            await expect(page.locator('#day [hx-get]')).toHaveCount(0, { timeout: 60_000 });
            await holds(page);
            await page.goto('/materials');
            await holds(page);
            await page.goto('/studio');
            await holds(page);
            await page.getByRole('textbox', { name: 'Name' }).fill(' ');
            await page.getByRole('button', { name: 'Save' }).click();
            await holds(page);
        });

        test('a piece at every stage, its objects, its sheet and its template', async ({ page }) => {
            await copyOf(page, 'Gentian tray');
            await stage(page, 'Use');
            await changes(page, () => page.getByRole('button', { name: 'Two hooks, level' }).click());
            await expect(page.locator('#fitting-1')).toBeAttached();
            await opened(page);
            await holds(page);
            await page.locator('.menu summary').click();
            await page.getByRole('button', { name: 'Keys' }).click();
            await holds(page, 'dialog[open]');
            await page.getByRole('button', { name: 'Close', exact: true }).click();
            const piece = page.url().replace(/[#?].*/, '');
            await page.goto(`${piece}/sheet`);
            await holds(page);
            await page.goto(`${piece}/template`);
            await holds(page);
            await discard(page);
            await page.goto('/pieces');
            await expect(page.getByText('was deleted')).toBeVisible();
            await holds(page);
        });

        test('a coloured piece, one of its pours, and how it cures', async ({ page }) => {
            await signIn(page);
            await open(page, 'Dusk over the moor');
            await opened(page);
            await holds(page);
            const piece = page.url().replace(/#.*/, '');
            await page.goto(`${piece}/pours/1`);
            await holds(page);
            await page.goto(`${piece}/pours/1/cure`);
            await holds(page);
            await page.goto(`${piece}/ways?find=1`);
            await holds(page);
            await page.goto(`${piece}?tinted=1`);
            await holds(page);
            await page.goto(`${piece}/record`);
            await holds(page);
            await page.goto(`${piece}/sheet`);
            await holds(page);
        });

        test('the shelf', async ({ page }) => {
            await signIn(page);
            for (const kind of ['resins', 'colours', 'sealers', 'devices', 'consumables']) {
                await page.goto(`/shelf/${kind}`);
                await holds(page);
            }
            await page.goto('/shelf/resins');
            await page.getByRole('button', { name: 'Change Bench coat 1:1' }).click();
            await expect(page.locator('#supply-form')).toBeVisible();
            await holds(page);
            await page.getByRole('link', { name: 'Bench coat 1:1' }).click();
            await holds(page);
            await page.getByRole('link', { name: 'See what its sheet implies' }).click();
            await page.getByLabel('After, such as').fill('4 h 40 min');
            await page.getByLabel('In a room of').fill('22 °C');
            await page.getByLabel('In a wide pour').fill('5 mm');
            await page.getByRole('button', { name: 'Write it down' }).click();
            await expect(page.getByText('It was written down.')).toBeVisible();
            await holds(page);
            await page.getByRole('button', { name: 'Take it out' }).first().click();
            await expect(page.getByText('It was taken out.')).toBeVisible();
        });
    });
}

test('everything on a piece is reached with the keyboard', async ({ page }) => {
    await signIn(page);
    await open(page, 'Brass key on slate');
    const reached = new Set();
    for (let n = 0; n < 60; n++) {
        await page.keyboard.press('Tab');
        reached.add(
            await page.evaluate(() => {
                const here = document.activeElement;
                const drawn = here.querySelector('.body') ?? here.querySelector('polygon, circle, rect, ellipse, path');
                const style = getComputedStyle(here.matches('g, .part') ? drawn : here);
                const seen = here.matches('g, .part')
                    ? parseFloat(style.strokeWidth) >= 3
                    : style.outlineStyle !== 'none' || style.boxShadow !== 'none';
                const text = here.getAttribute('aria-label') ?? here.querySelector('.stage-name')?.textContent ?? here.textContent;
                return `${here.dataset.object === undefined ? text.trim() : `object ${here.dataset.object}`}|${seen}`;
            }),
        );
    }
    const names = [...reached];
    for (const wanted of ['Pour sheet', 'More', 'Vessel', 'Clock', 'Pour 1', 'object 0', 'object 2']) {
        expect(names).toContain(`${wanted}|true`);
    }
    const key = page.locator('[data-drawing="section"] [data-object="1"]');
    await key.focus();
    await page.keyboard.press('Enter');
    await expect(page.locator('#f-inclusions-1-target_bottom_mm')).toBeFocused();
    await page.keyboard.press('Escape');
    await expect(key).toBeFocused();
});

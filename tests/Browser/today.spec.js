import { expect, test } from '@playwright/test';
import { copyOf, discard, signIn } from './bench.js';

/** All pieces have their times: those that had none find them by and by. */
async function day(page, query = '') {
    await page.goto(`/today${query}`);
    await expect(page.locator('#day [hx-get]')).toHaveCount(0, { timeout: 60_000 });
}

test('the day shows every piece on one line, and what the time at hand is good for', async ({ page }) => {
    await signIn(page);
    await page.getByRole('link', { name: 'Pensilis' }).click();
    await expect(page).toHaveURL(/\/today$/);
    await day(page);
    // Other tests leave copies: any of them will do.
    const row = page.getByRole('row').filter({ hasText: 'Larch cone block' }).first();
    await expect(row.locator('svg')).toBeVisible();
    await page.getByLabel('You have').fill('40');
    await page.getByRole('button', { name: 'Show' }).click();
    await expect(page.getByRole('heading', { name: 'With 40 min at hand' })).toBeVisible();
    await page.getByLabel('You have').fill('until supper');
    await page.getByRole('button', { name: 'Show' }).click();
    await expect(page.getByRole('alert')).toContainText('does not read as');
    await expect(page.getByLabel('You have')).toHaveValue('until supper');
    await row.getByRole('link').click();
    await expect(page.getByRole('heading', { name: 'Larch cone block' })).toBeVisible();
});

test('the day works without script', async ({ browser, baseURL }) => {
    const context = await browser.newContext({ javaScriptEnabled: false, baseURL });
    const page = await context.newPage();
    await signIn(page);
    await page.goto('/today?find=1');
    await expect(page.getByRole('heading', { name: 'All pieces' })).toBeVisible();
    await page.getByLabel('You have').fill('2 h');
    await page.getByRole('button', { name: 'Show' }).click();
    await expect(page.getByRole('heading', { name: 'With 2 h at hand' })).toBeVisible();
    await context.close();
});

test('two pieces that want the same hour are parted by one press', async ({ page }) => {
    // Of two resins, so that neither comes out of the mix of the other.
    await copyOf(page, 'Brass key on slate');
    const first = page.url();
    await copyOf(page, 'Wheels of a watch');
    const second = page.url();
    await day(page);
    const both = page
        .getByRole('region', { name: 'At the same time' })
        .getByRole('listitem')
        .getByRole('button', { name: /(Brass key on slate|Wheels of a watch) \(copy\)/ });
    await expect(both.first()).toBeVisible();
    await both.first().click();
    await expect(page.getByText('makes way for the others')).toBeVisible({ timeout: 60_000 });
    for (const piece of [first, second]) {
        await page.goto(piece);
        await discard(page);
    }
});

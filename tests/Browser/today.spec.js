import { expect, test } from '@playwright/test';
import { signIn } from './bench.js';

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

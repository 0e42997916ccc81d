// Takes the pictures of docs/screenshots from the demo data: bin/pictures.
import { expect } from '@playwright/test';
import { computed, open, signIn, stage, test } from '../../tests/Browser/bench.js';

const shot = (page, name) => page.screenshot({ path: `docs/screenshots/${name}.png` });

test('main views', async ({ page }) => {
    await signIn(page);
    await shot(page, 'pieces');
    await open(page, 'Larch cone block');
    await shot(page, 'piece');
    await page.locator('[data-drawing="section"] [data-object="0"]').press('Enter');
    await page.locator('#object-0 summary').click();
    await shot(page, 'piece-object');
    await stage(page, 'Use');
    await shot(page, 'piece-use');
    await open(page, 'Dusk over the moor');
    await page.locator('.region-part[href="#region-1-0"]').click();
    await shot(page, 'piece-coloured');
    await stage(page, 'Colour');
    await page.locator('#colour-0 summary').click();
    await shot(page, 'piece-colours');
    await page.locator('.pours a[href="#pour-1"]').click();
    await page.getByRole('link', { name: /Pour 2: measure/ }).click();
    await page.evaluate(() => document.querySelector('#cups').scrollIntoView());
    await shot(page, 'pour');
    await page.getByRole('link', { name: 'See how it cures' }).click();
    await page.getByRole('slider', { name: 'Moment' }).fill('9');
    await page.evaluate(() => scrollTo(0, 0));
    await shot(page, 'cure');
    await open(page, 'A letter from the valley');
    await stage(page, 'Pours');
    await page.getByRole('link', { name: 'Other ways to pour it' }).click();
    await page.getByRole('table').waitFor();
    await shot(page, 'ways');
    await open(page, 'Brass key on slate');
    await page.getByRole('slider', { name: 'Seen from' }).fill('30');
    await page.getByLabel(/Turned over/).check();
    await page.getByText('left and right are swapped').waitFor();
    await computed(page);
    await page.getByRole('link', { name: 'Pour sheet' }).click();
    await shot(page, 'pour-sheet');
    await page.getByRole('link', { name: 'Back to the piece' }).click();
    await page.getByRole('link', { name: 'Template' }).click();
    await shot(page, 'template');
    await page.goto('/orders');
    await shot(page, 'orders');
    await page.goto('/materials');
    await shot(page, 'materials');
    await page.goto('/shelf');
    await shot(page, 'shelf');
    await page.goto('/shelf/resins');
    await shot(page, 'shelf-resins');
    await page.getByRole('link', { name: 'Bench coat 1:1' }).click();
    await page.getByRole('link', { name: 'See what its sheet implies' }).click();
    await shot(page, 'implied');
    await page.goto('/studio');
    await shot(page, 'studio');
});

test('today', async ({ page }) => {
    await signIn(page);
    await page.goto('/today');
    await expect(page.locator('#day [hx-get]')).toHaveCount(0, { timeout: 60_000 });
    await shot(page, 'today');
});

test.describe('in the hand', () => {
    test.use({ viewport: { width: 390, height: 844 } });

    test('piece', async ({ page }) => {
        await signIn(page);
        await open(page, 'Larch cone block');
        await shot(page, 'piece-hand');
    });
});

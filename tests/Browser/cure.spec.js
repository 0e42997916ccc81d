import { copyOf, discard, expect, open, signIn, test } from './bench.js';

/** What the cells of the section show, as one text. */
const shades = (page) =>
    page.locator('[data-film] rect[data-cell]').evaluateAll((cells) => cells.map((cell) => cell.getAttribute('fill')).join());

test('the cure of a pour follows its slider, and plays', async ({ page }) => {
    await signIn(page);
    await open(page, 'Larch cone block');
    const piece = page.url().replace(/[#?].*/, '');
    await page.goto(`${piece}/pours/2`);
    await page.getByRole('link', { name: 'See how it cures' }).click();
    const slider = page.getByRole('slider', { name: 'Moment' });
    const now = page.locator('.cure-field [data-now]');
    const [shown, at] = [await shades(page), Number(await now.getAttribute('x1'))];
    await slider.fill('4');
    await expect(page.locator('.film output')).toContainText('after the pour');
    expect(Number(await now.getAttribute('x1'))).toBeLessThan(at);
    expect(await shades(page)).not.toBe(shown);
    const words = await slider.getAttribute('aria-valuetext');
    await page.getByRole('button', { name: 'Play' }).click();
    await expect(page.getByRole('button', { name: 'Pause' })).toBeVisible();
    await expect(slider).not.toHaveAttribute('aria-valuetext', words);
    await page.getByRole('button', { name: 'Pause' }).click();
    const stopped = await slider.inputValue();
    await page.getByRole('link', { name: 'How far it has cured' }).click();
    await expect(page.locator('.bands')).toContainText('90 to 100');
    await slider.fill('72');
    // All of it has cured by more than half, and the digits say so without colour.
    const digits = await page.locator('[data-film] text[data-cell]').allTextContents();
    expect(digits.every((one) => Number(one) >= 5)).toBe(true);
    expect(Number(stopped)).toBeGreaterThan(4);
});

test.describe('without script', () => {
    test.use({ javaScriptEnabled: false });

    test('a moment of the cure is shown by a press', async ({ page }) => {
        await signIn(page);
        await page.getByRole('link', { name: 'Brass key on slate', exact: true }).first().click();
        await page.goto(`${page.url().replace(/[#?].*/, '')}?heat=1`);
        await page.goto(`${page.url().replace(/[#?].*/, '')}/pours/0/cure?frame=60`);
        const told = await page.locator('.film output').textContent();
        await expect(page.locator('.film').getByRole('button', { name: 'Show it' })).toBeVisible();
        await page.goto(page.url().replace('frame=60', 'frame=10'));
        await expect(page.locator('.film output')).not.toHaveText(told);
    });
});

test('the greatest heat is tinted into the section, and follows a change', async ({ page }) => {
    await copyOf(page, 'Larch cone block');
    await page.getByLabel('Its greatest heat').check();
    await expect(page.locator('[data-drawing="section"] .tint')).toBeAttached();
    await expect(page.locator('.section .bands')).toContainText('°C');
    const cone = page.locator('[data-drawing="section"] [data-object="0"]');
    await cone.focus();
    await page.keyboard.press('ArrowUp');
    await expect(cone).toHaveAttribute('data-bottom', '15');
    await expect(page.locator('#answer[data-computed]')).toBeAttached();
    await expect(page.locator('[data-drawing="section"] .tint rect')).not.toHaveCount(0);
    await page.getByLabel('Its greatest heat').uncheck();
    await expect(page.locator('[data-drawing="section"] .tint')).not.toBeAttached();
    await discard(page);
});

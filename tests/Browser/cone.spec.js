import { computed, copyOf, expect, field, open, pours, signIn, test } from './bench.js';

const cone = (page, drawing = 'section') => page.locator(`[data-drawing="${drawing}"] [data-object="0"]`);
/** The field of its height, selected. */
const height = (page) => field(page, '/inclusions/0/target_bottom_mm');
const bottom = (page) => page.locator('#f-inclusions-0-target_bottom_mm');

test('the cone moves up by 6 mm with the keyboard, and all figures follow', async ({ page }) => {
    await copyOf(page, 'Larch cone block');
    const before = await pours(page);
    const times = await page.locator('#tasks').textContent();
    // The last pour makes up for what the resin of the two below it shrinks.
    expect(before.map((row) => row[2])).toEqual(['69.1 g', '80.3 g', '138.2 g']);
    await cone(page).focus();
    for (let n = 0; n < 6; n++) {
        await page.keyboard.press('ArrowUp');
    }
    await expect(page.locator('table.pours tbody tr').first()).toContainText('97.6 g');
    await computed(page);
    expect(await pours(page)).not.toEqual(before);
    expect(await page.locator('#tasks').textContent()).not.toBe(times);
    await expect(bottom(page)).toHaveValue('20 mm');
    // Whoever holds the object with the keyboard still holds it.
    await expect(cone(page)).toBeFocused();
    await page.reload();
    await expect(bottom(page)).toHaveValue('20 mm');
});

test('Shift and an arrow move by 10 mm, in the plan too', async ({ page }) => {
    await copyOf(page, 'Larch cone block');
    await cone(page, 'plan').focus();
    await page.keyboard.press('Shift+ArrowRight');
    await page.keyboard.press('ArrowUp');
    await expect(page.locator('#f-inclusions-0-at_mm-0')).toHaveValue('10 mm');
    await expect(page.locator('#f-inclusions-0-at_mm-1')).toHaveValue('1 mm');
    await expect(cone(page, 'plan')).toHaveAttribute('data-x', '10');
});

test('whoever holds the cone keeps it where no pour is found any more, and back', async ({ page }) => {
    await copyOf(page, 'Larch cone block');
    await cone(page).focus();
    // From 14 mm to 34: its tip is above the rim.
    for (const [key, state] of [
        ['Shift+ArrowUp', 'no'],
        ['Shift+ArrowDown', 'yes'],
    ]) {
        await page.keyboard.press(key);
        await page.keyboard.press(key);
        await expect(page.locator('.verdict dd').first()).toContainText(state);
        await computed(page);
        await expect(cone(page)).toBeFocused();
    }
    await expect(bottom(page)).toHaveValue('14 mm');
});

test('the cone is dragged in the section', async ({ page }) => {
    await copyOf(page, 'Larch cone block');
    const box = await cone(page).locator('.body').boundingBox();
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
    // The ellipse is 34 mm high: six millimetres of it.
    const up = (6 * box.height) / 34;
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x, y - up / 2, { steps: 4 });
    await page.mouse.move(x, y - up, { steps: 4 });
    await page.mouse.up();
    await expect(bottom(page)).toHaveValue('20 mm');
    await expect(page.locator('table.pours tbody tr').first()).toContainText('97.6 g');
    await computed(page);
});

test('a height is typed in inches', async ({ page }) => {
    await copyOf(page, 'Larch cone block');
    await (await height(page)).fill('3/4 in');
    await (await height(page)).press('Enter');
    await expect(page.locator('table.pours tbody tr').first()).toContainText('19.1 mm');
    await computed(page);
});

test('what cannot be is refused in words and changes nothing', async ({ page }) => {
    await copyOf(page, 'Larch cone block');
    const before = await pours(page);
    await (await height(page)).fill('high');
    await (await height(page)).press('Tab');
    await expect(page.locator('#refusal')).toContainText('“high” does not read as a number');
    await expect(bottom(page)).toHaveValue('high');
    expect(await pours(page)).toEqual(before);
    await (await height(page)).fill('15 mm');
    await (await height(page)).press('Tab');
    await expect(page.locator('#refusal')).toBeEmpty();
});

test('a problem says its figure and is mended with one press', async ({ page }) => {
    await copyOf(page, 'Larch cone block');
    await (await height(page)).fill('30 mm');
    await (await height(page)).press('Tab');
    await expect(page.locator('.verdict')).toContainText('would stand out');
    await page.getByRole('button', { name: /Set “cone” at/ }).click();
    await computed(page);
    await expect(page.locator('.verdict')).toContainText('yes, in 3 pours');
    await expect(page.locator('.verdict')).not.toContainText('would stand out');
});

test('the template is full size on paper', async ({ page }) => {
    await copyOf(page, 'Larch cone block');
    await page.getByRole('link', { name: 'Template' }).click();
    const box = await page.locator('.template svg').boundingBox();
    // 96 CSS pixels are an inch of 25.4 mm: 116 mm of drawing.
    expect(box.width).toBeCloseTo((116 * 96) / 25.4, 0);
    await page.emulateMedia({ media: 'print' });
    expect((await page.locator('.template svg').boundingBox()).width).toBeCloseTo((116 * 96) / 25.4, 0);
    await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
});

test('changes are undone and done again with keys', async ({ page }) => {
    await copyOf(page, 'Larch cone block');
    await (await height(page)).fill('18 mm');
    await (await height(page)).press('Tab');
    await expect(cone(page)).toHaveAttribute('data-bottom', '18');
    await cone(page).focus();
    await page.keyboard.press('Control+z');
    await expect(bottom(page)).toHaveValue('14 mm');
    await page.keyboard.press('Control+Shift+z');
    await expect(bottom(page)).toHaveValue('18 mm');
});

test('five pours still print on one page', async ({ page }) => {
    await signIn(page);
    await open(page, 'Gentian tray');
    await page.getByRole('link', { name: 'Pour sheet' }).click();
    await expect(page.getByRole('heading', { name: 'Pour 5' })).toBeVisible();
    const pdf = (await page.pdf({ format: 'A4', preferCSSPageSize: true })).toString('latin1');
    expect(pdf.match(/\/Type\s*\/Page[^s]/g)).toHaveLength(1);
});

test('the sheet prints on one page', async ({ page }) => {
    await copyOf(page, 'Larch cone block');
    await page.getByRole('link', { name: 'Pour sheet' }).click();
    await expect(page.getByRole('heading', { name: 'Pour 3' })).toBeVisible();
    await page.emulateMedia({ media: 'print' });
    await expect(page.locator('.masthead')).toBeHidden();
    await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
    for (const format of ['A4', 'Letter']) {
        const pdf = (await page.pdf({ format, preferCSSPageSize: true })).toString('latin1');
        expect(pdf.match(/\/Type\s*\/Page[^s]/g)).toHaveLength(1);
    }
});

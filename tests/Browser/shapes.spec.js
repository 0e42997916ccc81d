import { copyOf, signIn, add, begin, computed, expect, field, open, test } from './bench.js';

/** Another shape, whose fields are there. */
async function shape(page, value, pointer) {
    await (await field(page, '/vessel/shape')).selectOption(value);
    await expect(page.locator(`[name="f[${pointer}]"]`)).toBeVisible();
}

test('a six-sided mold is drawn, weighed and timed', async ({ page }) => {
    await begin(page, 'Six sides');
    await shape(page, 'regular-prism', '/vessel/side_mm');
    await page.locator('#f-vessel-sides').fill('6');
    await page.locator('#f-vessel-side_mm').fill('30 mm');
    await page.locator('#f-vessel-side_mm').press('Tab');
    const corners = page.locator('[data-drawing="plan"] polygon.glass');
    await expect(corners).toHaveCount(1);
    await computed(page);
    // 3√3/2 · 30² mm² · 40 mm = 93.5 ml at 1.08 g/ml and 4 g for the cup: 105 g, 100 of 145 parts, and no less on steps of 0.1 g.
    await expect(page.locator('table.pours tbody')).toContainText('72.5 g');
});

test('an outline that crosses itself is refused with the place', async ({ page }) => {
    await begin(page, 'Own outline');
    await shape(page, 'outline', '/vessel/path');
    const path = page.locator('#f-vessel-path');
    await path.fill('M0 0L40 40V0L0 40Z');
    await path.blur();
    await expect(page.locator('#refusal')).toContainText('crosses itself near (20 mm, 20 mm)');
    await path.fill('M0 0H60V20H20V60H0Z');
    await path.blur();
    await expect(page.locator('#refusal')).toBeEmpty();
    await expect(page.locator('[data-drawing="plan"] polygon.glass')).toHaveAttribute('points', /^(\S+ ){5}\S+$/);
    await computed(page);
});

test('a vessel measured with water says which mark is wrong', async ({ page }) => {
    await begin(page, 'Jar');
    await shape(page, 'calibrated', '/vessel/marks');
    const marks = page.locator('#f-vessel-marks');
    await marks.fill('10 mm: 60 g; 20 mm: 50 g; 40 mm: 200 g');
    await marks.blur();
    await expect(page.locator('#refusal')).toContainText('Mark 2, 20 mm and 50 g');
    await marks.fill('10 mm: 40 g; 20 mm: 90 g; 40 mm: 200 g');
    await marks.blur();
    await expect(page.locator('#refusal')).toBeEmpty();
    // 200 ml at 1.08 g/ml and 4 g: 220 g, 100 of 145 parts.
    await expect(page.locator('table.pours tbody')).toContainText('151.7 g');
});

test('a flat tray is drawn stretched, and a drag still counts true millimetres', async ({ page }) => {
    await copyOf(page, 'Gentian tray');
    await expect(page.locator('.section figcaption')).toContainText('heights drawn × 8');
    const feather = page.locator('[data-drawing="section"] [data-object="3"]');
    const box = await feather.locator('.body').boundingBox();
    const millimetre = box.height / 3;
    await page.mouse.move(box.x + 5, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + 5, box.y + box.height / 2 - millimetre, { steps: 5 });
    await page.mouse.up();
    await expect(page.locator('#f-inclusions-3-target_bottom_mm')).toHaveValue('9 mm');
});

test('objects that reach into each other are told by name', async ({ page }) => {
    await begin(page, 'Two stones');
    for (const kind of ['garnet', 'amber']) {
        await add(page, kind);
        await expect(page.getByRole('heading', { name: kind, exact: true })).toBeVisible();
    }
    // It was put where there is room.
    await expect(page.locator('.verdict')).not.toContainText('reaches into');
    for (const axis of [0, 1]) {
        const to = await field(page, `/inclusions/1/at_mm/${axis}`);
        await to.fill('0 mm');
        await to.press('Tab');
    }
    await expect(page.locator('.verdict')).toContainText('“amber” reaches into “garnet”');
    const right = await field(page, '/inclusions/1/at_mm/0');
    await right.fill('25 mm');
    await right.press('Tab');
    await expect(page.locator('.verdict')).not.toContainText('reaches into');
});

test('a studio that thinks in inches reads inches', async ({ page }) => {
    await signIn(page);
    await page.goto('/studio');
    await page.getByLabel(/inches, fluid ounces/).check();
    await page.getByRole('button', { name: 'Save' }).click();
    try {
        await open(page, 'Larch cone block');
        await expect(page.locator('#f-inclusions-0-target_bottom_mm')).toHaveValue('0.551 in');
        await expect(page.locator('[data-drawing="section"] .rule .unit')).toHaveText('in');
        await page.getByRole('link', { name: 'Pour sheet' }).click();
        await expect(page.locator('.sheet')).toContainText('69.1 g (2.44 oz)');
        await expect(page.locator('.sheet')).toContainText('°F');
    } finally {
        await page.goto('/studio');
        await page.getByLabel(/millimetres, grams/).check();
        await page.getByRole('button', { name: 'Save' }).click();
        await expect(page.getByRole('status')).toContainText('Saved.');
    }
});

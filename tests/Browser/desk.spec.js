import { copyOf, signIn, add, computed, discard, expect, field, more, stage, test } from './bench.js';

/** A pyramid of side and height in mm, tip up, as ascii STL. */
function pyramid(side, height) {
    const [a, b, c, d, tip] = [[0, 0, 0], [side, 0, 0], [side, side, 0], [0, side, 0], [side / 2, side / 2, height]]; // prettier-ignore
    const facets = [[a, d, c], [a, c, b], [a, b, tip], [b, c, tip], [c, d, tip], [d, a, tip]]; // prettier-ignore
    const text = facets.map(
        (facet) => `facet normal 0 0 0\nouter loop\n${facet.map((p) => `vertex ${p.join(' ')}`).join('\n')}\nendloop\nendfacet`,
    );
    return Buffer.from(`solid pyramid\n${text.join('\n')}\nendsolid pyramid\n`);
}

test.afterEach(({ page }) => discard(page));

test('a new piece goes from nothing to a printed sheet and template', async ({ page }) => {
    await signIn(page);
    await page.getByLabel('Title').fill('Garnet in a cup');
    await page.getByLabel('Vessel').selectOption({ label: 'Old pressed-glass bowl' });
    await page.getByRole('button', { name: 'Begin' }).click();
    await computed(page);
    await add(page, 'garnet');
    await computed(page);
    const height = await field(page, '/inclusions/0/target_bottom_mm');
    await height.fill('20 mm');
    await height.press('Tab');
    await computed(page);
    await (await field(page, '/purpose/use')).selectOption('serving');
    await expect(page.locator('.verdict')).toContainText('needs a resin that stands 50 °C');
    await computed(page);
    await page.getByRole('link', { name: 'Pour sheet' }).click();
    await expect(page.locator('.sheet')).toContainText('Set garnet at 20 mm above the floor, in the middle');
    await expect(page.locator('.sheet')).toContainText('Make the vessel ready: rigid mold');
    // Printed, it goes on a page and without what is for the screen.
    const sheet = await page.pdf({ format: 'A4' });
    expect(sheet.toString('latin1').match(/\/Type\s*\/Page\b/g)).toHaveLength(1);
    await page.goBack();
    await page.getByRole('link', { name: 'Template' }).click();
    await expect(page.getByRole('img', { name: 'Placement template of Garnet in a cup, full size' })).toBeVisible();
    const [pdf] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'As PDF' }).click()]);
    expect(pdf.suggestedFilename()).toBe('template.pdf');
});

test('a mesh becomes the vessel, one with a hole does not', async ({ page }) => {
    await copyOf(page, 'Larch cone block');
    await stage(page, 'Vessel');
    await page.getByText('A mesh, a drawing, the shelf').click();
    const take = page.locator('#mesh-vessel');
    await take.setInputFiles({
        name: 'hole.stl',
        mimeType: 'model/stl',
        buffer: Buffer.from(
            pyramid(110, 80)
                .toString()
                .replace(/facet normal[\s\S]*?endfacet\n/, ''),
        ),
    });
    await take.locator('xpath=..').getByRole('button', { name: 'Take it' }).click();
    await expect(page.getByRole('alert').filter({ hasText: 'not closed' })).toContainText('3 open edges, (0, 0, 0)–(110, 110, 0)');
    await take.setInputFiles({ name: 'a.stl', mimeType: 'model/stl', buffer: pyramid(110, 80) });
    await take.locator('xpath=..').getByRole('button', { name: 'Take it' }).click();
    await expect(page.getByRole('status').first()).toContainText('6 facets, 110 mm × 110 mm × 80 mm');
    await computed(page);
    await expect(page.locator('.section svg polygon.glass').first()).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.locator('#f-vessel-shape')).toHaveValue('cylinder');
});

test('objects chosen together and groups move together, and come back by undo', async ({ page }) => {
    await copyOf(page, 'Gentian tray');
    const plan = page.locator('[data-drawing="plan"]');
    const x = (n) => page.locator(`#f-inclusions-${n}-at_mm-0`);
    await plan.locator('[data-object="0"]').focus();
    await page.keyboard.press('Space');
    await plan.locator('[data-object="1"]').focus();
    await page.keyboard.press('Space');
    await expect(plan.locator('.chosen')).toHaveCount(2);
    await page.keyboard.press('ArrowRight');
    await expect(x(0)).toHaveValue('-49 mm');
    await expect(x(1)).toHaveValue('6 mm');
    await expect(x(2)).toHaveValue('52 mm');
    await expect(page.locator('[data-drawing="plan"] [data-object="0"]')).toHaveAttribute('data-x', '-49');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(x(0)).toHaveValue('−50 mm');
    await expect(x(1)).toHaveValue('5 mm');
});

test('several objects are chosen, set to one height and spaced at a press each', async ({ page }) => {
    await copyOf(page, 'Gentian tray');
    const plan = page.locator('[data-drawing="plan"]');
    for (const n of [0, 1]) {
        await plan
            .locator(`[data-object="${n}"]`)
            .first()
            .click({ modifiers: ['Shift'] });
    }
    await expect(page.locator('#together')).toBeVisible();
    await page.getByRole('link', { name: 'Objects', exact: false }).locator('visible=true').last().click();
    await page.getByLabel('Choose gentian 3').check();
    await page.getByRole('link', { name: 'Do something with those that are ticked' }).click();
    await expect(page.locator('.chosen-names')).toHaveText('gentian 1, gentian 2, gentian 3');
    // What they have in common stands there.
    await expect(page.locator('#several').getByLabel('Bottom at')).toHaveAttribute('placeholder', '4 mm');
    await page.locator('#several').getByLabel('Bottom at').fill('5 mm');
    await page.getByRole('button', { name: 'Set for each' }).click();
    await expect(page.getByText('3 objects are changed.')).toBeVisible();
    await expect(plan.locator('.chosen')).toHaveCount(3);
    // Between −50 and 52.
    await page.locator('#several [value="even-across"]').click();
    await expect(page.locator('[data-drawing="plan"] [data-object="1"]')).toHaveAttribute('data-x', '1');
    for (const n of [0, 1, 2]) {
        await expect(page.locator(`#f-inclusions-${n}-target_bottom_mm`)).toHaveValue('5 mm');
    }
});

test('a dragged object snaps to a set surface, and with Alt it does not', async ({ page }) => {
    await copyOf(page, 'Larch cone block');
    const svg = page.locator('[data-drawing="section"]');
    const cone = svg.locator('[data-object="0"] .body');
    const marks = (await svg.getAttribute('data-marks')).split(',').map(Number);
    const drag = async (mm) => {
        const box = await cone.boundingBox();
        const millimetre = box.height / 34;
        await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
        await page.mouse.down();
        await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2 - mm * millimetre, { steps: 6 });
        await page.mouse.up();
    };
    expect(marks[1]).toBe(14);
    await drag(7);
    // 21 mm are near the mark at 20 mm.
    await expect(page.locator('#f-inclusions-0-target_bottom_mm')).toHaveValue('20 mm');
    await computed(page);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.locator('#f-inclusions-0-target_bottom_mm')).toHaveValue('14 mm');
    await computed(page);
    await page.keyboard.down('Alt');
    await drag(7);
    await page.keyboard.up('Alt');
    await expect(page.locator('#f-inclusions-0-target_bottom_mm')).toHaveValue('21 mm');
});

test('the section is seen from any side and turned over, and stays so while it changes', async ({ page }) => {
    await copyOf(page, 'Brass key on slate');
    const slate = page.locator('[data-drawing="section"] [data-object="0"] .body');
    const width = () => slate.evaluate((rect) => rect.width.baseVal.value / Number(rect.closest('svg').dataset.scale));
    await expect.poll(width).toBeCloseTo(60, 0);
    await page.getByRole('slider', { name: 'Seen from' }).fill('90');
    await expect(page.locator('output')).toHaveText('90° round');
    await expect.poll(width).toBeCloseTo(40, 0);
    await page.getByLabel(/Turned over/).check();
    await expect(page.locator('.plan figcaption')).toContainText('left and right are swapped');
    await page.locator('[data-drawing="plan"] [data-object="2"]').focus();
    await page.keyboard.press('ArrowRight');
    // What is turned over moves the other way in truth.
    await expect(page.locator('#f-inclusions-2-at_mm-0')).toHaveValue('39 mm');
    await expect(page.locator('[data-drawing="plan"] [data-object="2"]')).toHaveAttribute('data-x', '39');
    await computed(page);
    await expect(page.getByLabel(/Turned over/)).toBeChecked();
    await expect(page.locator('output')).toHaveText('90° round');
});

test('the drawings come nearer and stay so', async ({ page }) => {
    await copyOf(page, 'Larch cone block');
    const width = () => page.locator('[data-drawing="plan"]').evaluate((svg) => svg.viewBox.baseVal.width);
    const whole = await width();
    await page.getByRole('button', { name: 'Nearer' }).click();
    expect(await width()).toBeCloseTo(whole / 1.5, 3);
    await page.locator('[data-drawing="section"] [data-object="0"]').focus();
    await page.keyboard.press('ArrowUp');
    await expect(page.locator('[data-drawing="section"] [data-object="0"]')).toHaveAttribute('data-bottom', '15');
    expect(await width()).toBeCloseTo(whole / 1.5, 3);
    await page.getByRole('button', { name: 'Farther' }).click();
    expect(await width()).toBeCloseTo(whole, 3);
});

test('copies are spread, and too many are refused with what fits', async ({ page }) => {
    await copyOf(page, 'Gentian tray');
    const copies = await field(page, '/inclusions/0/copies');
    await copies.fill('3');
    await copies.press('Tab');
    await expect(page.locator('[data-drawing="plan"] [data-object="0"]')).toHaveCount(3);
    await page.locator('#f-inclusions-0-spread-seed').fill('7');
    await page.locator('#f-inclusions-0-spread-seed').press('Tab');
    await expect(page.locator('[data-drawing="plan"] [data-object="0"]')).toHaveCount(3);
    await copies.fill('90');
    await copies.press('Tab');
    await expect(page.locator('#refusal')).toContainText('copies of “gentian 1” find room');
    await expect(copies).toHaveValue('90');
});

test('a photograph lies under the plan, scaled by two clicks', async ({ page }) => {
    await copyOf(page, 'Larch cone block');
    const picture = await page.screenshot({ type: 'jpeg' });
    await more(page, 'link', 'Photograph');
    await page.getByLabel(/A photograph/).setInputFiles({ name: 'layout.jpg', mimeType: 'image/jpeg', buffer: picture });
    await page.getByRole('button', { name: 'Send it' }).click();
    const image = page.getByRole('img', { name: 'The photograph' });
    const box = await image.boundingBox();
    for (const [x, y] of [
        [0.25, 0.5],
        [0.75, 0.5],
        [0.5, 0.5],
    ]) {
        await image.click({ position: { x: x * box.width, y: y * box.height } });
    }
    await page.getByLabel('They are apart').fill('90 mm');
    await page.getByRole('button', { name: 'Lay it under the plan' }).click();
    await computed(page);
    const scale = Number(await page.locator('[data-drawing="plan"]').getAttribute('data-scale'));
    const under = page.locator('image.underlay');
    expect(Number(await under.getAttribute('width')) / scale).toBeCloseTo(180, 0);
});

// Works of the desk as one who makes them does them, from the first press to the sheet that is read at the bench.

import { add, begin, changes, computed, copyOf, expect, field, ownPours, stage, test } from './bench.js';

const sheet = async (page) => {
    await page.getByRole('link', { name: 'Pour sheet' }).first().click();
    return page.locator('.sheet');
};

const set = async (page, pointer, text) => {
    const one = await field(page, pointer);
    await changes(page, async () => {
        await one.fill(text);
        await one.press('Tab');
    });
};

const choose = async (page, pointer, value) => {
    const one = await field(page, pointer);
    await changes(page, () => one.selectOption(value));
};

test('a coast panel on a board: coats without a dam, lettering between', async ({ page }) => {
    await begin(page, 'Coast panel', 'coat');
    await stage(page, 'Vessel');
    await choose(page, '/vessel/shape', 'panel');
    await expect(page.locator('#f-vessel-dam_mm')).toBeVisible();
    await set(page, '/vessel/length_mm', '30 cm');
    await set(page, '/vessel/width_mm', '20 cm');
    await set(page, '/vessel/dam_mm', '0');
    await ownPours(page);
    await page.locator('.pours a[href="#pour-0"]').click();
    for (let coats = 2; coats <= 6; coats++) {
        const last = page.locator(`#pour-${coats - 2}`);
        await last.getByText('Divide, join').click();
        await last.getByRole('button', { name: 'One more like it on top' }).click();
        await expect(page.locator('table.pours tbody tr')).toHaveCount(coats);
        await expect(page.locator(`#pour-${coats - 1}`)).toBeVisible();
    }
    await computed(page);
    // A wave: a band of white across a coat of sea.
    await stage(page, 'Colour');
    await page.getByLabel('One more colour').selectOption({ label: 'Snow white paste' });
    await changes(page, () => page.getByRole('button', { name: 'Add colour' }).click());
    await page.locator('.pours a[href="#pour-4"]').click();
    await choose(page, '/pours/4/zones/0/shape', 'band');
    await choose(page, '/pours/4/zones/0/mix/0/colour', { label: 'Snow white paste' });
    await expect(page.locator('.verdict')).not.toContainText('runs off');
    await set(page, '/pours/5/depth_mm', '2 mm');
    await set(page, '/pours/1/depth_mm', '4 mm');
    await expect(page.locator('.verdict')).toContainText('without a dam a coat holds 3 mm');
    await changes(page, () => page.getByRole('button', { name: 'Make it 3 mm' }).click());
    await expect(page.locator('.verdict')).not.toContainText('runs off');
    await choose(page, '/pours/0/applied/0/kind', 'lettering');
    await set(page, '/pours/0/applied/0/says', 'the hill house');
    // Times for all of them, between which the lettering has its own.
    await stage(page, 'Pours');
    await changes(page, () => page.locator('.verdict').getByRole('button', { name: 'Find the times anew' }).click());
    await expect(page.locator('.verdict')).not.toContainText('goes onto liquid');
    const said = await sheet(page);
    await expect(said).toContainText('Pour 6');
    await expect(said).toContainText('leave it alone: no heat, no stirring');
    await expect(said).toContainText('a flame in quick passes');
    await expect(said).toContainText('“the hill house” on pour 1');
    await expect(said).toContainText('a nail still marks it');
    await expect(said).toContainText('Pull the tape');
});

test('a column poured wet on wet, with a soft edge', async ({ page }) => {
    await copyOf(page, 'Larch cone block');
    await ownPours(page);
    await page.locator('.pours a[href="#pour-2"]').click();
    await choose(page, '/pours/2/joint', 'wet');
    await expect(page.locator('.verdict')).toContainText('meant to go onto wet resin');
    const start = await (await field(page, '/pours/1/start_h')).inputValue();
    await set(page, '/pours/2/start_h', `${parseFloat(start) + 0.5} h`);
    await expect(page.locator('.verdict')).not.toContainText('meant to go onto wet resin');
    await expect(await sheet(page)).toContainText('colours meet in a soft edge');
});

test('a tray with handles bolted right through', async ({ page }) => {
    await copyOf(page, 'Larch cone block');
    await stage(page, 'Use');
    await page.getByRole('button', { name: 'Two handles' }).click();
    await expect(page.locator('#fitting-3')).toBeAttached();
    await computed(page);
    await choose(page, '/purpose/fittings/0/fix', 'through');
    // Two holes for each handle: what holds for one holds for the others.
    await expect(page.locator('#f-purpose-fittings-3-fix')).toHaveValue('through');
    // 60 mm, 8 for washer and nut, in steps of 5.
    await expect(await sheet(page)).toContainText('Drill right through for the handle (4), a pilot first, a board below; bolts of 70 mm');
    await page.getByRole('link', { name: 'Back to the piece' }).click();
    await page.getByRole('link', { name: 'Template' }).first().click();
    await expect(page.locator('main')).toContainText('hole right through');
});

test('a crystal that stands proud of the surface', async ({ page }) => {
    await copyOf(page, 'Larch cone block');
    await set(page, '/inclusions/0/target_bottom_mm', '40 mm');
    await expect(page.locator('.verdict dd').first()).toContainText('no');
    await set(page, '/inclusions/0/cover_mm', '-14 mm');
    await expect(page.locator('.verdict dd').first()).toContainText('yes');
    await expect(await sheet(page)).toContainText('14 mm of it stands proud: keep resin off that.');
});

test('a canvas with stuck decoration, flooded', async ({ page }) => {
    await begin(page, 'Moor at dusk', 'coat');
    await stage(page, 'Vessel');
    await choose(page, '/vessel/shape', 'panel');
    await expect(page.locator('#f-vessel-dam_mm')).toBeVisible();
    await choose(page, '/vessel/made', 'canvas');
    await set(page, '/vessel/dam_mm', '4 mm');
    await stage(page, 'Use');
    await choose(page, '/purpose/finish', 'flood');
    await ownPours(page);
    await page.locator('.pours a[href="#pour-0"]').click();
    await choose(page, '/pours/0/applied/0/kind', 'adhesive');
    await set(page, '/pours/0/applied/0/line_mm/0', '30 cm');
    // The other two lengths of a line come by themselves.
    await expect(page.locator('#f-pours-0-applied-0-line_mm-2')).toHaveValue('0.5 mm');
    await set(page, '/pours/0/applied/0/coats', '2');
    const said = await sheet(page);
    await expect(said).toContainText('dhesive with glitter or leaf, 0.3 ml in its line, 2 coats, each dry before the next');
    await expect(said).toContainText('primed twice');
    await expect(said).toContainText('flood it on props');
});

test('a bowl draped over a form', async ({ page }) => {
    await begin(page, 'Bowl of the moor', 'coat');
    await stage(page, 'Vessel');
    await choose(page, '/vessel/shape', 'panel');
    await expect(page.locator('#f-vessel-dam_mm')).toBeVisible();
    await set(page, '/vessel/length_mm', '16 cm');
    await set(page, '/vessel/width_mm', '16 cm');
    await set(page, '/vessel/dam_mm', '4 mm');
    await choose(page, '/vessel/made', 'sheet');
    await set(page, '/vessel/form/foot_mm', '60 mm');
    await set(page, '/vessel/form/width_mm', '120 mm');
    await set(page, '/vessel/form/depth_mm', '60 mm');
    // 60 mm and twice the way of 30 out and 60 up, 67.1: 194 mm reach from rim to rim.
    await expect(page.locator('.verdict')).toContainText('194.2 mm reach from rim to rim');
    await set(page, '/vessel/form/depth_mm', '40 mm');
    await expect(page.locator('.verdict')).not.toContainText('reach from rim to rim');
    const said = await sheet(page);
    await expect(said).toContainText('Drape the sheet over its form, its middle on the foot of 60 mm, down to 40 mm');
    await expect(said).toContainText('cut the strings');
});

test('a set of six, each with its name', async ({ page }) => {
    await copyOf(page, 'Larch cone block');
    await set(page, '/pieces', '6');
    await ownPours(page);
    await page.locator('.pours a[href="#pour-1"]').click();
    await choose(page, '/pours/1/applied/0/kind', 'lettering');
    const trees = ['Rowan', 'Alder', 'Birch', 'Larch', 'Willow', 'Yew'];
    for (const [n, tree] of trees.entries()) {
        await set(page, `/pours/1/applied/0/names/${n}`, tree);
    }
    const said = await sheet(page);
    for (const tree of trees) {
        await expect(said).toContainText(`“${tree}” cut`);
    }
    await expect(said).toContainText('each of 6');
});

test('a tray of fruit slices, their drying proved by weighing', async ({ page }) => {
    await copyOf(page, 'Larch cone block');
    await add(page, 'orange slice');
    await computed(page);
    await choose(page, '/inclusions/1/hold', 'tack');
    await set(page, '/inclusions/1/material/moisture_pct', '84');
    await expect(page.locator('.verdict')).toContainText('Dry “orange slice” first');
    await choose(page, '/inclusions/1/material/drying', 'air');
    await choose(page, '/inclusions/1/material/drying', 'oven');
    await set(page, '/inclusions/1/material/oven_celsius', '60 °C');
    await set(page, '/inclusions/1/material/weighed_g/0', '20 g');
    await set(page, '/inclusions/1/material/weighed_g/1', '4 g');
    await expect(page.locator('.verdict')).toContainText('Dry “orange slice” first');
    await set(page, '/inclusions/1/material/weighed_g/2', '3.99 g');
    await stage(page, 'Ready');
    await expect(page.locator('#ready')).toContainText('its weight is constant: it is dry');
    await expect(page.locator('.verdict')).not.toContainText('Dry “orange slice” first');
    await expect(await sheet(page)).toContainText('Set orange slice at');
});

test('a slab with rings of stones, and drops of ink on the wet coat', async ({ page }) => {
    await begin(page, 'Slab of rings', 'coat');
    await stage(page, 'Vessel');
    await set(page, '/vessel/diameter_mm', '16 cm');
    await add(page, 'garnet');
    await computed(page);
    await page.getByText('Repeat it').click();
    await page.locator('#repeat-far').fill('50 mm');
    await page.locator('#repeat-gap').fill('10 mm');
    await page.locator('#repeat-start').fill('90');
    await changes(page, () => page.getByRole('button', { name: 'Repeat', exact: true }).first().click());
    const stones = await page.locator('[data-drawing="plan"] [data-object]').count();
    expect(stones).toBeGreaterThan(12);
    await expect(page.locator('#f-inclusions-0-at_mm-0')).toHaveValue('50 mm');
    await ownPours(page);
    await stage(page, 'Colour');
    await page.getByLabel('One more colour').selectOption({ label: 'Soot black ink' });
    await changes(page, () => page.getByRole('button', { name: 'Add colour' }).click());
    await page.locator('.pours a[href="#pour-0"]').click();
    await choose(page, '/pours/0/applied/0/kind', 'drops');
    await set(page, '/pours/0/applied/0/drops_per_cm2', '2');
    // Two on each of the 201 cm² of a disc of 16 cm.
    await expect(await sheet(page)).toContainText('402 drops of Soot black ink');
});

test('a letter under film', async ({ page }) => {
    await begin(page, 'Letter from the valley', 'coat');
    await stage(page, 'Vessel');
    await choose(page, '/vessel/shape', 'panel');
    await expect(page.locator('#f-vessel-dam_mm')).toBeVisible();
    await set(page, '/vessel/dam_mm', '4 mm');
    await add(page, 'letter');
    await computed(page);
    // It lies on the floor, held down: paper floats.
    await set(page, '/inclusions/0/target_bottom_mm', '0');
    await choose(page, '/inclusions/0/hold', 'tack');
    await changes(page, () => page.getByRole('button', { name: /thin coats/ }).click());
    const said = await sheet(page);
    await expect(said).toContainText('Coat 2 of brushed resin on letter');
    await expect(said).toContainText('press onto the coat that was brushed there, now that it is tacky');
});

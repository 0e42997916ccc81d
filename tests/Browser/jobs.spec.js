import { add, begin, computed, copyOf, discard, expect, field, ownPours, signIn, stage, test } from './bench.js';

test.afterEach(({ page }) => discard(page));

/** Counts what a hand presses on any page from now on. */
async function counted(page) {
    let presses = 0;
    await page.exposeFunction('pressed', () => {
        presses += 1;
    });
    await page.addInitScript(() => document.addEventListener('pointerdown', () => window.pressed(), true));
    return () => presses;
}

test('a cone as measured goes from nothing to the sheet in at most twelve presses', async ({ page }) => {
    await signIn(page);
    const presses = await counted(page);
    await page.reload();
    await page.getByLabel('Title').click();
    await page.keyboard.type('Hop cone');
    await page.getByRole('button', { name: 'Begin' }).click();
    await stage(page, 'Objects');
    await page.getByLabel('One more object').click();
    await page.keyboard.type('cone');
    await page.keyboard.press('Enter');
    // It is selected at once, and its height is the first field.
    await page.locator('#f-inclusions-0-target_bottom_mm').click();
    await page.keyboard.press('Control+a');
    await page.keyboard.type('12 mm');
    await page.locator('#object-0 summary').click();
    await page.locator('#f-inclusions-0-size_mm-0').click();
    for (const size of ['18 mm', '18 mm', '25 mm']) {
        await page.keyboard.press('Control+a');
        await page.keyboard.type(size);
        await page.keyboard.press('Tab');
    }
    // The mend of the verdict: it has air in its pores.
    await page.getByRole('button', { name: /thin coats/ }).click();
    await computed(page);
    await expect(page.locator('.verdict .is-bad')).toHaveCount(0);
    await page.getByRole('link', { name: 'Pour sheet' }).first().click();
    await expect(page.locator('.sheet')).toContainText('at 12 mm above the floor');
    expect(presses()).toBeLessThanOrEqual(12);
});

test('an object is found by its name, put where there is room, and drawn as what it is', async ({ page }) => {
    await copyOf(page, 'Larch cone block');
    await stage(page, 'Objects');
    await page.getByLabel('One more object').fill('nothing like it');
    await expect(page.getByText('No kind is called so.')).toBeVisible();
    await add(page, 'feather');
    await expect(page.getByRole('heading', { name: 'feather' })).toBeVisible();
    await expect(page.locator('[data-drawing="plan"] [data-object="1"] path.body')).toBeVisible();
    await expect(page.locator('.verdict')).not.toContainText('reaches into');
    await stage(page, 'Objects');
    await expect(page.locator('#objects legend').first()).toHaveText('Used last');
});

test('a surface is moved by hand and by keys: what one pour gains the other loses', async ({ page }) => {
    await copyOf(page, 'Larch cone block');
    await ownPours(page);
    const surface = page.locator('[data-surface="0"]');
    const svg = page.locator('[data-drawing="section"]');
    const millimetre = await svg.evaluate((one) => one.getScreenCTM().a * one.dataset.scale);
    const box = await surface.locator('.edge').boundingBox();
    await page.mouse.move(box.x + 60, box.y);
    await page.mouse.down();
    await page.mouse.move(box.x + 60, box.y + 2 * millimetre, { steps: 5 });
    await page.mouse.up();
    await expect(page.locator('#pour-0')).toBeVisible();
    await expect(page.locator('#f-pours-0-depth_mm')).toHaveValue('12 mm');
    await expect(page.locator('#f-pours-1-depth_mm')).toHaveValue('19.5 mm');
    await expect(page.locator('table.pours tbody tr').first()).toContainText('12 mm');
    await surface.focus();
    await page.keyboard.press('ArrowUp');
    await page.keyboard.press('ArrowUp');
    await expect(page.locator('table.pours tbody tr').first()).toContainText('13 mm');
    await expect(surface).toBeFocused();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.locator('table.pours tbody tr').first()).toContainText('12 mm');
});

test('a pour is divided and joined again, and stays selected', async ({ page }) => {
    await copyOf(page, 'Larch cone block');
    await ownPours(page);
    await page.locator('.pours a[href="#pour-2"]').click();
    await page.locator('#pour-2-shape summary').click();
    await page.getByRole('button', { name: 'Divide in two' }).click();
    await expect(page.locator('table.pours tbody tr')).toHaveCount(4);
    await expect(page.locator('#pour-2')).toBeVisible();
    await page.getByRole('button', { name: 'Join with the pour above' }).click();
    await expect(page.locator('table.pours tbody tr')).toHaveCount(3);
});

test('what is selected is selected everywhere, and what is being typed outlives a press elsewhere', async ({ page }) => {
    await copyOf(page, 'Brass key on slate');
    await page.locator('[data-drawing="plan"] [data-object="1"]').press('Enter');
    await expect(page.locator('[data-object="1"].selected')).toHaveCount(2);
    await expect(page.getByRole('heading', { name: 'key', exact: true })).toBeVisible();
    await page.locator('.pours tr[data-select="pour-1"] td').first().click();
    await expect(page.locator('.part.selected')).toHaveCount(1);
    await expect(page.getByRole('heading', { name: 'Pour 2' })).toBeVisible();
    const height = await field(page, '/inclusions/1/target_bottom_mm');
    await height.fill('high');
    await height.press('Tab');
    await expect(page.locator('#object-1 .refused')).toBeVisible();
    // A shape that asks for other fields shows the piece anew.
    await (await field(page, '/vessel/shape')).selectOption('cylinder');
    await expect(page.locator('#f-vessel-diameter_mm')).toBeVisible();
    await expect(page.locator('#f-inclusions-1-target_bottom_mm')).toHaveValue('high');
});

test('a ring of twelve stones is laid in at most eight presses', async ({ page }) => {
    await begin(page, 'Ring of stones');
    const presses = await counted(page);
    await page.reload();
    await add(page, 'dense stone');
    await page.locator('#object-repeat summary').click();
    await page.locator('#repeat-times').click();
    await page.keyboard.type('12');
    await page.keyboard.press('Enter');
    await expect(page.locator('[data-drawing="plan"] [data-object]')).toHaveCount(12);
    expect(presses()).toBeLessThanOrEqual(8);
});

/** From one place of the plan to another, in millimetres right of and behind the middle. */
async function across(page, from, to, by = {}) {
    const plan = page.locator('svg[data-drawing="plan"]');
    const [start, end] = await plan.evaluate(
        (svg, places) => {
            const { a, d, e, f } = svg.getScreenCTM();
            return places.map(([x, y]) => [e + a * x * svg.dataset.scale, f - d * y * svg.dataset.scale]);
        },
        [from, to],
    );
    await page.mouse.move(...start);
    await page.mouse.down();
    await page.mouse.move(...end, { steps: by.steps ?? 5 });
    await by.held?.();
    await page.mouse.up();
}

test('three bands get three colours in at most ten presses', async ({ page }) => {
    await copyOf(page, 'Larch cone block');
    const presses = await counted(page);
    await page.reload();
    await computed(page);
    await ownPours(page);
    await page.locator('.pours a[href="#pour-0"]').click();
    await page.locator('#coat-doings').getByRole('button', { name: 'bands' }).click();
    await expect(page.locator('#region-0-0')).toBeVisible();
    for (const [n, colour] of ['Moor blue ink', 'Rowan red ink', 'Snow white paste'].entries()) {
        // Each next region is chosen by itself.
        await expect(page.locator(`#region-0-${n}`)).toBeVisible();
        await page.getByRole('button', { name: `Colour it with ${colour}` }).click();
        await expect(page.locator(`#region-figures-0-${n}`)).toContainText(colour.toLowerCase());
    }
    // A circle cut at a third of its radius: 29.2, 41.6 and 29.2 % of it.
    await expect(page.locator('#region-figures-0-2')).toContainText('29.2 %');
    await expect(page.locator('.face')).toBeVisible();
    expect(presses()).toBeLessThanOrEqual(10);
});

test('a pour is pinned and stays, while the cone goes up', async ({ page }) => {
    await copyOf(page, 'Larch cone block');
    await page.locator('.pours a[href="#pour-2"]').click();
    const last = page.locator('table.pours tbody tr').last();
    const depth = await last.locator('td').first().textContent();
    await page.getByRole('button', { name: 'Pin this pour' }).locator('visible=true').click();
    await expect(page.getByRole('button', { name: 'Unpin pour 1' })).toBeVisible();
    await page.locator('[data-drawing="section"] [data-object="0"]').focus();
    await page.keyboard.press('ArrowUp');
    await page.keyboard.press('ArrowUp');
    await expect(page.locator('table.pours tbody tr').first()).toContainText('16 mm');
    await computed(page);
    await expect(last.locator('td').first()).toHaveText(depth);
    await page.locator('.pours a[href="#pour-2"]').click();
    await expect(page.getByText('It is pinned')).toBeVisible();
});

test('regions are drawn on the plan, and their edges dragged with the neighbour’s', async ({ page }) => {
    await copyOf(page, 'Larch cone block');
    await ownPours(page);
    await page.locator('.pours a[href="#pour-0"]').click();
    await page.getByRole('button', { name: 'Half', exact: true }).click();
    await across(page, [0, -30], [30, -30]);
    await expect(page.locator('#region-0-0')).toBeVisible();
    await expect(page.locator('#region-figures-0-0')).toContainText('50 %');
    await page.getByRole('button', { name: 'Ring', exact: true }).click();
    await across(page, [-25, -20], [-15, -20]);
    await expect(page.locator('#region-0-1')).toBeVisible();
    await page.locator('.up').locator('visible=true').click();
    await page.locator('#coat-doings').getByRole('button', { name: 'bands' }).click();
    await expect(page.locator('#region-0-2')).toBeAttached();
    // While the edge is held its grams follow.
    await across(page, [15, -30], [5, -30], {
        held: () => expect(page.locator('#region-figures-0-2')).not.toContainText('29.2 %'),
    });
    await expect(await field(page, '/pours/0/zones/1/to_mm')).toHaveValue('5 mm');
    await expect(await field(page, '/pours/0/zones/2/from_mm')).toHaveValue('5 mm');
    // The whole of it is moved: both edges of the left band, of which one lies left of the middle.
    await across(page, [-30, 0], [-28, 0]);
    await expect(page.locator('#f-pours-0-zones-0-from_mm')).toHaveValue('-43 mm');
    await expect(page.locator('#f-pours-0-zones-0-to_mm')).toHaveValue('-13 mm');
    // A colour is carried onto a region.
    await computed(page);
    const spruce = page.getByRole('button', { name: 'Colour it with Spruce green ink' });
    await spruce.scrollIntoViewIfNeeded();
    const pot = await spruce.boundingBox();
    const band = await page.locator('.region-part[href="#region-0-0"]').boundingBox();
    await page.mouse.move(pot.x + 5, pot.y + 5);
    await page.mouse.down();
    await page.mouse.move(band.x + 10, band.y + band.height / 2, { steps: 5 });
    await page.mouse.up();
    await expect(page.locator('#region-figures-0-0')).toContainText('spruce green ink');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.locator('#region-figures-0-0')).toContainText('clear');
});

test('a level pair of hooks hangs from the balance, and stays mirrored', async ({ page }) => {
    await copyOf(page, 'Larch cone block');
    await stage(page, 'Use');
    await page.getByRole('button', { name: 'Two hooks, level' }).click();
    await expect(page.locator('#fitting-0')).toBeVisible();
    await expect(page.locator('.kept-free')).toHaveCount(2);
    await across(page, [-19.5, 22.5], [-16, 25.2]);
    await expect(await field(page, '/purpose/fittings/0/at_mm/0')).toHaveValue('−16 mm');
    await page.locator('[data-drawing="plan"] [data-fitting="1"]').focus();
    await page.keyboard.press('ArrowDown');
    await page
        .locator('#answer')
        .filter({ has: page.locator('[data-fitting="0"][data-y="24"]') })
        .waitFor();
    await expect(page.locator('#f-purpose-fittings-0-at_mm-1')).toHaveValue('24 mm');
    await expect(page.locator('#f-purpose-fittings-1-at_mm-0')).toHaveValue('16 mm');
    // In the section too: along it, at the height where it is.
    const box = await page.locator('#section-fitting-1').boundingBox();
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x + box.width / 2, y, { steps: 4 });
    await page.mouse.up();
    await expect(page.locator('#f-purpose-fittings-1-at_mm-0')).toHaveValue('22 mm');
    await expect(page.locator('#f-purpose-fittings-0-at_mm-0')).toHaveValue('-22 mm');
    await expect(page.locator('#f-purpose-fittings-1-at_mm-1')).toHaveValue('24 mm');
});

test('the sheet is ticked off, and what could not be kept is not shown as kept', async ({ page }) => {
    await copyOf(page, 'Larch cone block');
    await page.getByRole('link', { name: 'Pour sheet' }).first().click();
    const set = page.getByLabel(/Set\s+cone\s+at 14 mm/);
    const kept = page.waitForResponse((answer) => answer.request().method() === 'POST' && /\/sheet$/.test(answer.url()));
    await set.check();
    await kept;
    await page.reload();
    await expect(set).toBeChecked();
    await page.route(/\/sheet$/, (route) => (route.request().method() === 'POST' ? route.abort() : route.continue()));
    await set.click();
    await expect(page.locator('#refusal')).toContainText('Not kept');
    await expect(set).toBeChecked();
    await page.unrouteAll();
    await page.getByRole('link', { name: 'Back to the piece' }).click();
});

test('in the hand the drawing stays in view while a field is edited', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await copyOf(page, 'Larch cone block');
    const height = await field(page, '/inclusions/0/target_bottom_mm');
    await height.scrollIntoViewIfNeeded();
    await height.fill('18 mm');
    await height.press('Tab');
    const cone = page.locator('[data-drawing="section"] [data-object="0"]');
    await expect(cone).toHaveAttribute('data-bottom', '18');
    await expect(cone.locator('.body')).toBeInViewport();
    await expect(height).toBeInViewport();
});

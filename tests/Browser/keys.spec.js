import { computed, discard, expect, signIn, test } from './bench.js';

test.afterEach(({ page }) => discard(page));

/** As far as Tab is pressed for one thing, on any page. */
const FARTHEST = 250;

/** Goes with Tab alone to what a selector names, from wherever the focus is. */
async function tabTo(page, selector) {
    for (let n = 0; n < FARTHEST; n++) {
        if (await page.evaluate((wanted) => document.activeElement?.matches(wanted) ?? false, selector)) {
            // Nothing hidden takes the focus; an upright edge has no width, and is seen all the same.
            expect(await page.evaluate(() => document.activeElement.checkVisibility())).toBe(true);
            return;
        }
        await page.keyboard.press('Tab');
    }
    throw new Error(`Tab does not lead to ${selector}`);
}

async function pressOn(page, selector, key = 'Enter') {
    await tabTo(page, selector);
    await page.keyboard.press(key);
}

async function typeInto(page, selector, text) {
    await tabTo(page, selector);
    await page.keyboard.press('Control+a');
    await page.keyboard.type(text);
}

test('all of it with the keyboard alone, from nothing to the sheet', async ({ page }) => {
    await signIn(page);
    await typeInto(page, '#title', 'By keys alone');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: 'By keys alone' })).toBeVisible();
    await computed(page);

    // Two objects, found by their names.
    await pressOn(page, '.stages a[href="#objects"]');
    for (const [n, kind] of ['garnet', 'brass'].entries()) {
        await pressOn(page, '.stages a[href="#objects"]');
        await typeInto(page, '#find-kind', kind);
        await page.keyboard.press('Enter');
        await expect(page.locator(`#object-${n}`)).toBeVisible();
    }
    // One is moved, and Enter goes from it to its fields, Esc back.
    await tabTo(page, '[data-drawing="section"] [data-object="0"]');
    await page.keyboard.press('Shift+ArrowRight');
    await expect(page.locator('[data-drawing="section"] [data-object="0"]')).toHaveAttribute('data-x', '10');
    await page.keyboard.press('Enter');
    await expect(page.locator('#f-inclusions-0-target_bottom_mm')).toBeFocused();
    await page.keyboard.press('Control+a');
    await page.keyboard.type('12 mm');
    await page.keyboard.press('Escape');
    await expect(page.locator('[data-drawing="section"] [data-object="0"]')).toBeFocused();
    await expect(page.locator('[data-drawing="section"] [data-object="0"]')).toHaveAttribute('data-bottom', '12');
    // Both are chosen and brought to one height.
    await page.keyboard.press('Space');
    await pressOn(page, '[data-drawing="section"] [data-object="1"]', 'Space');
    await pressOn(page, '#several [value="level"]');
    await expect(page.getByText('2 objects are changed.')).toBeVisible();

    // Pours of one's own: a surface is moved, a coat divided and coloured.
    await pressOn(page, '.stages a[href="#pours"]');
    await pressOn(page, '#pours [action$="/pours"] button');
    await expect(page.getByRole('heading', { name: 'Your pours and times' })).toBeVisible();
    await computed(page);
    const depth = await page.locator('#f-pours-0-depth_mm').inputValue();
    await pressOn(page, '[data-surface="0"]', 'ArrowUp');
    await expect(page.locator('#f-pours-0-depth_mm')).not.toHaveValue(depth);
    await pressOn(page, '.pours a[href="#pour-0"]');
    await pressOn(page, '#coat-doings [name="way"][value="bands"]');
    await expect(page.locator('#region-0-0')).toBeVisible();
    await pressOn(page, '.pot[aria-label="Colour it with Moor blue ink"]');
    await expect(page.locator('#region-figures-0-0')).toContainText('moor blue ink');
    // From −13.3, a third of the way, to the next half of a millimetre.
    await pressOn(page, '#grip-0-0-1', 'ArrowRight');
    await expect(page.locator('#f-pours-0-zones-0-to_mm')).toHaveValue('-13 mm');

    // Undone and done again, and the list of keys.
    await page.keyboard.press('Control+z');
    await expect(page.getByText(/^Undone:/)).toBeVisible();
    await page.keyboard.press('Control+Shift+z');
    await expect(page.getByText(/^Done again:/)).toBeVisible();
    await tabTo(page, '.stages a[href="#ready"]');
    await page.keyboard.press('?');
    await expect(page.locator('#keys')).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(page.locator('#keys')).toBeHidden();

    // The sheet, and its first step ticked.
    await computed(page);
    await pressOn(page, '.doings a[href$="/sheet"]');
    await expect(page.locator('.sheet')).toContainText('Set');
    await pressOn(page, '[data-tick]', 'Space');
    await expect(page.locator('[data-tick]').first()).toBeChecked();
});

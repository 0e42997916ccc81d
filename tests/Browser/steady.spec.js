import { computed, copyOf, discard, expect, open, ownPours, signIn, test } from './bench.js';

/** A copy whose heat is held back until it is let go. */
async function waiting(page, title, height) {
    await signIn(page);
    await open(page, title);
    let release;
    const held = new Promise((resolve) => {
        release = resolve;
    });
    await page.route(/\/heat\?/, async (route) => {
        await held;
        await route.continue();
    });
    await page.getByRole('button', { name: 'Copy', exact: true }).click();
    await expect(page.getByRole('heading', { name: `${title} (copy)` })).toBeVisible();
    // A copy says what its piece said, whose answer is kept: another height is not.
    const bottom = page.locator('#f-inclusions-0-target_bottom_mm');
    await bottom.fill(height);
    await bottom.press('Tab');
    await expect(page.locator('.computing')).toBeVisible();
    return release;
}

// Each at a height of its own, whose answer is not kept yet.
for (const [name, viewport, cone, gentian] of [
    ['desk', { width: 1280, height: 800 }, '16.3 mm', '5.2 mm'],
    ['hand', { width: 390, height: 844 }, '16.6 mm', '5.4 mm'],
]) {
    test.describe(name, () => {
        test.use({ viewport });

        for (const [title, height] of [
            ['Larch cone block', cone],
            ['Gentian tray', gentian],
        ]) {
            test(`nothing moves under the hand when heat arrives: ${title}`, async ({ page }) => {
                const release = await waiting(page, title, height);
                await page.locator('#kind').selectOption('garnet');
                const add = page.getByRole('button', { name: 'Add', exact: true });
                await add.scrollIntoViewIfNeeded();
                const before = await add.boundingBox();
                release();
                await computed(page);
                const after = await add.boundingBox();
                expect(Math.abs(after.y - before.y)).toBeLessThan(1);
                const objects = await page.locator('.object-row').count();
                await page.mouse.click(before.x + before.width / 2, before.y + before.height / 2);
                await expect(page.locator('.object-row')).toHaveCount(objects + 1);
                await discard(page);
            });
        }
    });
}

test('what is typed into one pour stays while the answer to another comes', async ({ page }) => {
    await copyOf(page, 'Larch cone block');
    await ownPours(page);
    const depth = (k) => page.locator(`#f-pours-${k}-depth_mm`);
    const answered = page.waitForResponse((answer) => answer.request().method() === 'POST' && /\/pieces\/\w+$/.test(answer.url()));
    await depth(0).fill('13 mm');
    await depth(0).press('Tab');
    await depth(1).fill('16.');
    await answered;
    await computed(page);
    await expect(depth(1)).toHaveValue('16.');
    await depth(1).pressSequentially('5 mm');
    await depth(1).press('Tab');
    await expect(page.locator('table.pours tbody tr').nth(1)).toContainText('16.5 mm');
    await computed(page);
    await discard(page);
});

test('a verdict says that it knows nothing of an entry that was refused', async ({ page }) => {
    await copyOf(page, 'Larch cone block');
    const stale = page.getByText('This is for the plan as it was last saved.');
    await expect(stale).toBeHidden();
    const bottom = page.locator('#f-inclusions-0-target_bottom_mm');
    await bottom.fill('high');
    await bottom.press('Tab');
    await expect(stale).toBeVisible();
    // However far down the page stands, it is seen why.
    await expect(page.locator('#refusal')).toBeInViewport();
    await bottom.fill('16 mm');
    await bottom.press('Tab');
    await expect(stale).toBeHidden();
    await computed(page);
    await discard(page);
});

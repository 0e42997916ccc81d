import { changes, computed, copyOf, expect, field, pours, stage, test } from './bench.js';

test('ways to pour are compared side by side, and one of them is taken', async ({ page }) => {
    await copyOf(page, 'A letter from the valley');
    const planned = (await pours(page)).length;
    await stage(page, 'Pours');
    await page.getByRole('link', { name: 'Other ways to pour it' }).click();
    const ways = page.getByRole('table');
    await expect(ways).toBeVisible({ timeout: 60_000 });
    await expect(ways.getByRole('columnheader', { name: 'As planned now' })).toBeVisible();
    await expect(ways.getByRole('columnheader', { name: /cooler/i })).toBeVisible();
    const counts = await ways
        .getByRole('row', { name: /^Pours \d/ })
        .getByRole('cell')
        .allInnerTexts();
    expect(Number(counts[0])).toBe(planned);
    await ways.getByRole('button', { name: /Take this one: .*cooler/i }).click();
    await computed(page);
    await expect(page.getByRole('heading', { name: 'Your pours and times' })).toBeVisible();
    expect((await pours(page)).length).toBe(Number(counts[1]));
    await changes(page, () => page.getByRole('button', { name: 'Undo' }).click());
    expect((await pours(page)).length).toBe(planned);
});

test('a piece that cannot be cast is told what would do, and one press makes it so', async ({ page }) => {
    await copyOf(page, 'Larch cone block');
    const bottom = await field(page, '/inclusions/0/target_bottom_mm');
    await changes(page, async () => {
        await bottom.fill('32 mm');
        await bottom.press('Enter');
    });
    const verdict = page.locator('.verdict');
    await expect(verdict).toContainText('It can be cast');
    await changes(page, () =>
        verdict
            .getByRole('button', { name: /^Set “.*” at/ })
            .first()
            .click(),
    );
    await expect(verdict).toContainText(/in \d pours/);
    await expect(verdict).not.toContainText('It can be cast');
});

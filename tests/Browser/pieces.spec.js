import { begin, copyOf, signIn, account, add, computed, expect, field, more, open, test } from './bench.js';

test('a wrong password is told, and the address stays', async ({ page }) => {
    await page.goto('/pieces');
    await expect(page).toHaveURL(/\/sign-in$/);
    await page.getByLabel('Mail address').fill(account().email);
    await page.getByLabel('Password').fill('not this one');
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.getByRole('alert')).toContainText('do not go together');
    await expect(page.getByLabel('Mail address')).toHaveValue(account().email);
});

test('a piece from nothing to the printed sheet', async ({ page }) => {
    await signIn(page);
    await page.getByLabel('Title').fill('Garnet in the round');
    await page.getByRole('button', { name: 'Begin' }).click();
    await expect(page.getByRole('heading', { name: 'Garnet in the round' })).toBeVisible();
    await add(page, 'dense stone');
    await expect(page.locator('#object-0')).toContainText('stone');
    // The little air in the pores of a dense stone goes when it is wetted: nobody asks for coats.
    await expect(page.getByRole('button', { name: 'Give it 2 thin coats' })).toHaveCount(0);
    const height = await field(page, '/inclusions/0/target_bottom_mm');
    await height.fill('12');
    await height.press('Tab');
    await expect(page.locator('[data-drawing="section"] [data-object="0"]')).toHaveAttribute('data-bottom', '12');
    await computed(page);
    await expect(page.locator('.verdict .is-bad')).toHaveCount(0);
    await page.getByRole('link', { name: 'Pour sheet' }).click();
    await expect(page.locator('.sheet')).toContainText('Set stone at 12 mm above the floor');
    await expect(page.locator('.cautions')).toContainText('respirator');
});

test('a broken plan file is refused with line and column', async ({ page }) => {
    await signIn(page);
    await page.getByLabel('A file that ends in .pensilis.json').setInputFiles({
        name: 'broken.pensilis.json',
        mimeType: 'application/json',
        buffer: Buffer.from('{\n  "format": "pensilis-plan",\n  "version": 1,,\n}'),
    });
    await page.getByRole('button', { name: 'Read it' }).click();
    await expect(page.getByRole('alert')).toContainText('line 3, column 16');
    await expect(page.getByRole('alert')).toContainText('Nothing was changed');
});

test('a plan file goes down and up again', async ({ page }) => {
    await signIn(page);
    await open(page, 'Brass key on slate');
    const download = page.waitForEvent('download');
    await more(page, 'link', 'Plan file');
    const file = await (await download).path();
    await page.goto('/pieces');
    await page.getByLabel('A file that ends in .pensilis.json').setInputFiles({
        name: 'key.pensilis.json',
        mimeType: 'application/json',
        buffer: (await import('node:fs')).readFileSync(file),
    });
    await page.getByRole('button', { name: 'Read it' }).click();
    await expect(page.getByRole('heading', { name: 'Brass key on slate' })).toBeVisible();
    await expect(page.getByRole('status').first()).toContainText('the piece from that file');
});

test('a delete is undone', async ({ page }) => {
    await begin(page, 'Soon gone');
    await more(page, 'button', 'Delete');
    await expect(page.getByText('“Soon gone” was deleted.')).toBeVisible();
    await expect(page.getByRole('link', { name: 'Soon gone' })).toHaveCount(0);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('link', { name: 'Soon gone' })).toBeVisible();
});

test('another shape of vessel brings its own sizes', async ({ page }) => {
    await copyOf(page, 'Larch cone block');
    await (await field(page, '/vessel/shape')).selectOption('box');
    await expect(page.locator('#f-vessel-width_mm')).toHaveValue('90 mm');
    await computed(page);
});

test.describe('without script', () => {
    test.use({ javaScriptEnabled: false });

    test('the form works by itself', async ({ page }) => {
        await signIn(page);
        await page.getByRole('link', { name: 'Larch cone block', exact: true }).first().click();
        await more(page, 'button', 'Copy');
        await expect(page.getByRole('heading', { name: 'Larch cone block (copy)' })).toBeVisible();
        await page.locator('#f-inclusions-0-target_bottom_mm').fill('17.3 mm');
        await page.getByRole('button', { name: 'Save and compute' }).click();
        await expect(page.locator('table.pours')).toContainText('84.8 g');
        await page.getByRole('link', { name: 'Compute them now' }).click();
        await computed(page);
    });
});

test('a thing on the shelf is changed in the list, and kinds are found as one types', async ({ page }) => {
    await signIn(page);
    await page.goto('/shelf/sealers');
    await page
        .getByRole('button', { name: /^Change / })
        .first()
        .click();
    await expect(page.locator('#s-name')).toBeFocused();
    await page.getByLabel('In stock, ml').fill('many');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.locator('#refusal')).toContainText('In stock: write a number');
    // What was typed stays, and is mended where it stands.
    await expect(page.getByLabel('In stock, ml')).toHaveValue('many');
    await page.getByLabel('In stock, ml').fill('321');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.locator('.supplies')).toContainText('321 ml');
    await expect(page.locator('#refusal')).toBeEmpty();
    await page.goto('/materials');
    await page.getByLabel('Find a kind').fill('sinks brass');
    await expect(page.locator('#materials tr[data-find]:visible')).not.toHaveCount(0);
    await expect(page.getByRole('row', { name: /dried petals/ })).toBeHidden();
    await page.getByLabel('Find a kind').fill('unobtainium');
    await expect(page.getByText('No kind is like that.')).toBeVisible();
});

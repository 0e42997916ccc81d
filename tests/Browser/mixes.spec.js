import { begin, computed, discard, expect, field, ownPours, stage, test } from './bench.js';

/** A new piece with pours of its own, which can be coloured. */
async function mixed(page, title) {
    await begin(page, title, 'coat');
    await ownPours(page);
}

async function colour(page, name) {
    await stage(page, 'Colour');
    await page.getByLabel('One more colour').selectOption({ label: name });
    await page.getByRole('button', { name: 'Add colour' }).click();
    await expect(page.locator('.colour-row', { hasText: name })).toBeVisible();
    await computed(page);
}

/** Goes to the page of the first pour. */
async function measure(page) {
    await page.locator('.pours a[href="#pour-0"]').click();
    await page.getByRole('link', { name: /Pour 1: measure/ }).click();
}

/** Chooses or types, and waits until the server has answered. */
async function say(page, pointer, value) {
    const one = await field(page, pointer);
    if ((await one.inputValue()).replace('−', '-') === value) {
        return;
    }
    const answered = page.waitForResponse((answer) => answer.request().method() === 'POST' && /\/pieces\/\w+$/.test(answer.url()));
    const choice = await one.evaluate((element) => element.tagName === 'SELECT');
    await (choice ? one.selectOption(value) : one.fill(value));
    if (!choice) {
        await one.press('Tab');
    }
    await answered;
    await computed(page);
}

test('a coat is laid in three bands, and says where one of them goes that gets too much', async ({ page }) => {
    await mixed(page, 'Three bands');
    await colour(page, 'Moor blue ink');
    await colour(page, 'Spruce green ink');
    for (const [n, from, to, ink] of [
        [0, -40, -10, 'Moor blue ink'],
        [1, -10, 10, 'Spruce green ink'],
        [2, 10, 40, 'Moor blue ink'],
    ]) {
        // prettier-ignore
        await say(page, `/pours/0/zones/${n}/shape`, 'band');
        // The end that lies farther out first: a band is never inside out.
        for (const [end, at] of from < 10
            ? [
                  ['from', from],
                  ['to', to],
              ]
            : [
                  ['to', to],
                  ['from', from],
              ]) {
            await say(page, `/pours/0/zones/${n}/${end}_mm`, `${at} mm`);
        }
        await say(page, `/pours/0/zones/${n}/mix/0/colour`, ink);
    }
    await expect(page.locator('#region-0-2')).toBeVisible();
    await expect(page.locator('.plan .region-name', { hasText: 'region 2' })).toBeVisible();
    await expect(page.getByText(/Once level, its edge moves/)).toHaveCount(0);
    await say(page, '/pours/0/zones/1/share_pct', '50');
    // A band of ±10 mm across a circle of 40 takes 31.5 %, half of it ±16.2: it moves 6.2 mm.
    await expect(
        page.getByText('region 2 gets 50 % of the coat and takes 31.5 % as it is drawn. Once level, its edge moves 6.2 mm outward'),
    ).toBeVisible();
    await page.getByRole('button', { name: 'Give region 2 the 31.5 % that it takes' }).click();
    await expect(page.getByText('Done: Give region 2')).toBeVisible();
    await expect(page.getByText(/Once level, its edge moves/)).toHaveCount(0);
    await measure(page);
    await expect(page.locator('.cups')).toContainText('31.5 % of the coat');
    await discard(page);
});

test('a batch too small for the scale is mended by one press', async ({ page }) => {
    await mixed(page, 'Small batch');
    await say(page, '/studio/scale_step_g', '5 g');
    const weighed = page.locator('.verdict');
    await expect(weighed).toContainText('can hide a ratio error of');
    await weighed.getByRole('button', { name: /Mix .* g and hold back what is left/ }).first().click(); // prettier-ignore
    await expect(page.getByText(/Done: Mix \d+ g and hold back what is left/)).toBeVisible();
    await expect(weighed).not.toContainText('can hide a ratio error of');
    await measure(page);
    await expect(page.getByText(/held back clear/)).toBeVisible();
    await discard(page);
});

test('what is left of a mix is sent to a spare mold', async ({ page }) => {
    await mixed(page, 'Leftover');
    await stage(page, 'Vessel');
    await page.getByText('A mesh, a drawing, the shelf').click();
    await page.getByLabel('Put it on the shelf as').fill('Button mold');
    await page.getByRole('button', { name: 'Put it there', exact: true }).click();
    const row = page.locator('li', { hasText: 'Button mold' });
    await row.locator('summary').click();
    await row.getByLabel(/spare/).check();
    await row.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(row).toContainText('spare');
    await page.goto('/pieces');
    await page.getByRole('link', { name: 'Leftover', exact: true }).click();
    await computed(page);
    await measure(page);
    await page.getByRole('textbox', { name: 'Mixed' }).fill('90 g');
    await page.getByLabel('Cup and stick kept').fill('4 g');
    await page.getByLabel('Left over, still to be poured').fill('20 g');
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    // 20 g at 1.1 are 18.2 ml; on 50.3 cm² they stand 3.6 mm.
    await expect(page.locator('ol', { hasText: 'Button mold' })).toContainText('stands 3.6 mm deep');
    await discard(page);
    await page.goto('/shelf');
    await page.locator('li', { hasText: 'Button mold' }).getByRole('button', { name: 'Remove' }).click();
    await expect(page.getByText('was taken off the shelf')).toBeVisible();
});

test('lettering is laid mirrored where the floor is the seen face', async ({ page }) => {
    await mixed(page, 'Name plate');
    await say(page, '/pours/0/applied/0/kind', 'lettering');
    await say(page, '/pours/0/applied/0/says', 'the hill house');
    await expect(page.locator('.face .lettering')).not.toHaveAttribute('transform', /scale\(-1 1\)/);
    await say(page, '/vessel/viewed', 'bottom');
    // Seen from the floor it reads; as it is laid in it does not.
    await expect(page.getByText('seen from the floor')).toBeVisible();
    await expect(page.locator('.face .lettering')).not.toHaveAttribute('transform', /scale\(-1 1\)/);
    await page.getByRole('link', { name: 'Template' }).click();
    await expect(page.locator('.template text', { hasText: 'the hill house' })).toHaveAttribute('transform', /scale\(-1 1\)/);
    await page.getByRole('link', { name: 'Back to the piece' }).click();
    await computed(page);
    await measure(page);
    await expect(page.getByText('Lay it mirrored: it is read from the floor.')).toBeVisible();
    await discard(page);
});

import { account, computed, copyOf, discard, expect, field, heatHeld, open, signIn, test } from './bench.js';

const bottom = '/inclusions/0/target_bottom_mm';
const title = '/title';
const shown = (page, pointer) => page.locator(`[name="f[${pointer}]"]`);

/** Types into a field of the piece and leaves it. */
async function type(page, pointer, text) {
    const one = await field(page, pointer);
    await one.fill(text);
    await one.blur();
}

/** The same piece on two pages; the second of them. */
async function twice(page, context) {
    await copyOf(page, 'Larch cone block');
    const other = await context.newPage();
    await other.goto(page.url());
    await computed(other);
    return other;
}

/** What one waits for until another gives it. */
function signal() {
    const one = {};
    one.given = new Promise((give) => {
        one.give = give;
    });
    return one;
}

const answered = (page) => page.waitForResponse((answer) => answer.request().method() === 'POST' && answer.ok());

test('two pages keep what each of them changes, and the older one learns of it', async ({ page, context }) => {
    const other = await twice(page, context);
    const first = answered(page);
    await type(page, title, 'Cone of the north wood');
    await first;
    const second = answered(other);
    await type(other, bottom, '16 mm');
    await second;
    await expect(shown(other, title)).toHaveValue('Cone of the north wood');
    await page.reload();
    await expect(shown(page, title)).toHaveValue('Cone of the north wood');
    await expect(shown(page, bottom)).toHaveValue('16 mm');
    await other.close();
});

test('two that change the same are shown both, and choose', async ({ page, context }) => {
    const other = await twice(page, context);
    const first = answered(page);
    await type(page, bottom, '17 mm');
    await first;
    await type(other, bottom, '19 mm');
    const refusal = other.locator('#refusal');
    await expect(refusal).toContainText('Somebody else has changed the same');
    await expect(refusal).toContainText('17 mm');
    await refusal.getByLabel(/19 mm/).check();
    await refusal.getByRole('button', { name: 'Keep these' }).click();
    await expect(shown(other, bottom)).toHaveValue('19 mm');
    await expect(other.locator('#refusal')).toBeEmpty();
    await other.close();
});

test('what is typed when the session has ended is sent after signing in', async ({ page, context }) => {
    await copyOf(page, 'Larch cone block');
    const address = page.url();
    await context.clearCookies();
    await type(page, bottom, '15 mm');
    await expect(page.locator('#refusal')).toContainText('What you typed is not saved yet');
    await expect(page.locator('#refusal form, #refusal input')).toHaveCount(0);
    await page.locator('#refusal').getByRole('link', { name: 'Load it again' }).click();
    const { email, password } = account();
    await page.getByLabel('Mail address').fill(email);
    await page.getByLabel('Password').fill(password);
    const sent = answered(page);
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page).toHaveURL(address);
    await sent;
    await page.reload();
    await expect(shown(page, bottom)).toHaveValue('15 mm');
});

test('a form whose session has ended is filled again', async ({ page, context }) => {
    await signIn(page);
    await page.getByLabel('Title').fill('Shell of the far beach');
    await context.clearCookies();
    await page.getByRole('button', { name: 'Begin' }).click();
    await page.getByRole('link', { name: 'Load it again' }).click();
    const { email, password } = account();
    await page.getByLabel('Mail address').fill(email);
    await page.getByLabel('Password').fill(password);
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.getByLabel('Title')).toHaveValue('Shell of the far beach');
    await expect(page.getByText('What you typed before is here again.')).toBeVisible();
});

test('what was opened in a list and what was ticked when the session had ended is there again', async ({ page, context }) => {
    const again = async () => {
        await page.locator('#refusal').getByRole('link', { name: 'Load it again' }).click();
        const { email, password } = account();
        await page.getByLabel('Mail address').fill(email);
        await page.getByLabel('Password').fill(password);
        await page.getByRole('button', { name: 'Sign in' }).click();
    };
    await signIn(page);
    await page.goto('/shelf/consumables');
    await page
        .getByRole('button', { name: /^Change/ })
        .first()
        .click();
    await page.locator('#supply-form [name="lot"]').fill('lot of the far beach');
    await context.clearCookies();
    await page.locator('#supply-form button.btn-primary').click();
    await again();
    await expect(page.locator('#supply-form [name="lot"]')).toHaveValue('lot of the far beach');
    await copyOf(page, 'Larch cone block');
    await page.goto(`${new URL(page.url()).pathname}/sheet`);
    await context.clearCookies();
    await page.locator('[data-tick]').first().click();
    await expect(page.locator('[data-tick]').first()).not.toBeChecked();
    await again();
    await expect(page.locator('[data-tick]').first()).toBeChecked();
    await page.reload();
    await expect(page.locator('[data-tick]').first()).toBeChecked();
});

test('what the server never got goes with the next change', async ({ page }) => {
    await copyOf(page, 'Larch cone block');
    await page.route('**/pieces/*', (route) => (route.request().method() === 'POST' ? route.abort() : route.continue()));
    await type(page, bottom, '18 mm');
    await expect(page.locator('#refusal')).toContainText('Not saved yet');
    await page.unroute('**/pieces/*');
    const sent = answered(page);
    await type(page, title, 'Larch cone block');
    await shown(page, title).evaluate((field) => field.dispatchEvent(new Event('change', { bubbles: true })));
    await sent;
    await page.reload();
    await expect(shown(page, bottom)).toHaveValue('18 mm');
});

test('fast changes keep their order', async ({ page }) => {
    await copyOf(page, 'Larch cone block');
    const last = page.waitForResponse(
        (answer) => answer.ok() && new URLSearchParams(answer.request().postData() ?? '').get('edit')?.includes('"14 mm"]'),
    );
    for (const height of ['14 mm', '15 mm', '16 mm', '17 mm', '14 mm']) {
        await type(page, bottom, height);
    }
    await last;
    await expect(page.locator('#refusal')).toBeEmpty();
    await page.reload();
    await expect(shown(page, bottom)).toHaveValue('14 mm');
});

for (const late of [false, true]) {
    test(`what is typed back is sent although ${late ? 'the page is older than' : 'nobody answered'} what was sent`, async ({ page }) => {
        await copyOf(page, 'Larch cone block');
        // The server gets it, at once or after it has made the next page; but its answer never comes.
        const [sent, loaded, kept] = [signal(), signal(), signal()];
        let first = true;
        await page.route(/\/pieces\/\w+$/, async (route) => {
            if (first && route.request().method() === 'POST') {
                first = false;
                sent.give();
                if (late) {
                    await loaded.given;
                }
                await route.fetch();
                kept.give();
            } else if (late && route.request().isNavigationRequest() && route.request().method() === 'GET') {
                const old = await route.fetch();
                loaded.give();
                await kept.given;
                await route.fulfill({ response: old });
            } else {
                await route.continue();
            }
        });
        await type(page, bottom, '20 mm');
        await (late ? sent : kept).given;
        await type(page, bottom, '14 mm');
        const again = answered(page);
        await page.reload();
        await again;
        await page.unrouteAll();
        await page.reload();
        await expect(shown(page, bottom)).toHaveValue('14 mm');
        await discard(page);
    });
}

test('a page that was made before an answer that came while the last one was left shows it all the same', async ({ page }) => {
    await copyOf(page, 'Larch cone block');
    const [sent, made, told] = [signal(), signal(), signal()];
    await page.route(/\/pieces\/\w+$/, async (route) => {
        if (route.request().method() === 'POST') {
            sent.give();
            await made.given;
            await route.fulfill({ response: await route.fetch() });
            told.give();
        } else if (route.request().isNavigationRequest()) {
            const old = await route.fetch();
            made.give();
            await told.given;
            // The page that is being left has shown the answer.
            await new Promise((done) => {
                setTimeout(done, 500);
            });
            await route.fulfill({ response: old });
        } else {
            await route.continue();
        }
    });
    await type(page, bottom, '20 mm');
    await sent.given;
    await page.reload();
    await page.unrouteAll();
    await expect(shown(page, bottom)).toHaveValue('20 mm');
    await discard(page);
});

test('nobody sees a page again by going back after signing out', async ({ page }) => {
    await signIn(page);
    await open(page, 'Larch cone block');
    await page.getByRole('button', { name: 'Sign out' }).click();
    await expect(page).toHaveURL(/sign-in/);
    await page.goBack();
    await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();
    await expect(page.getByText('Larch cone block')).toHaveCount(0);
});

test('a page whose piece was changed elsewhere shows it as it is now, not for ever computing', async ({ page, context }) => {
    await copyOf(page, 'Larch cone block');
    // Heat is held back until another page has changed the piece.
    const release = await heatHeld(page);
    await type(page, bottom, '15.7 mm');
    await expect(page.locator('[data-drawing="section"] [data-object="0"]')).toHaveAttribute('data-bottom', '15.7');
    const other = await context.newPage();
    await other.goto(page.url());
    await type(other, bottom, '16.7 mm');
    await expect(other.locator('[data-drawing="section"] [data-object="0"]')).toHaveAttribute('data-bottom', '16.7');
    await other.close();
    release();
    await expect(shown(page, bottom)).toHaveValue('16.7 mm');
    await computed(page);
    await discard(page);
});

import { test as base, expect } from '@playwright/test';
import { readFileSync } from 'node:fs';

/** The demo account of the served studio. */
export function account() {
    const [, email, password] = /as (\S+) with the password (\S+)/.exec(readFileSync('test-results/served/sign-in.txt', 'utf8'));
    return { email, password };
}

export async function signIn(page) {
    const { email, password } = account();
    await page.goto('/sign-in');
    await page.getByLabel('Mail address').fill(email);
    await page.getByLabel('Password').fill(password);
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page).toHaveURL(/\/pieces$/);
}

/** Opens a demo piece and waits until heat and clock are there. */
export async function open(page, title) {
    await page.goto('/pieces');
    await page.getByRole('link', { name: title, exact: true }).first().click();
    await computed(page);
}

export async function computed(page) {
    await expect(page.getByRole('heading', { name: 'Time rail' })).toBeVisible();
}

/** Figures of the pours table, row by row. */
export async function pours(page) {
    return page
        .locator('table.pours tbody tr')
        .evaluateAll((rows) => rows.map((row) => [...row.cells].map((cell) => cell.textContent.trim())));
}

/** A page that fails its test for any error in the console and any request to another host. */
export const test = base.extend({
    page: async ({ page, baseURL }, use) => {
        const wrong = [];
        page.on('pageerror', (error) => wrong.push(`script: ${error.message}`));
        page.on('console', (message) => {
            const expected = /status of (401|404|409|419|422|429)|net::ERR_FAILED|Failed to fetch/.test(message.text());
            if (message.type() === 'error' && !expected) {
                wrong.push(`console: ${message.text()}`);
            }
        });
        page.on('request', (request) => {
            if (!request.url().startsWith(baseURL) && !request.url().startsWith('data:')) {
                wrong.push(`foreign: ${request.url()}`);
            }
        });
        await use(page);
        expect(wrong).toEqual([]);
    },
});

export { expect };

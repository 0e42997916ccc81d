import { defineConfig } from '@playwright/test';

const port = process.env.PENSILIS_BROWSER_PORT ?? '8987';

export default defineConfig({
    testDir: 'tests/Browser',
    outputDir: 'test-results/browser',
    fullyParallel: false,
    workers: 1,
    timeout: 60_000,
    expect: { timeout: 15_000 },
    reporter: [['list'], ['junit', { outputFile: 'test-results/browser.xml' }]],
    use: {
        baseURL: `http://127.0.0.1:${port}`,
        viewport: { width: 1280, height: 800 },
        launchOptions: {
            executablePath: '/usr/bin/chromium',
            args: [
                '--no-sandbox',
                '--disable-gpu',
                '--disable-quic',
                '--no-first-run',
                '--disable-background-networking',
                '--disable-component-update',
                '--disable-sync',
            ],
        },
    },
    webServer: {
        command: 'tests/Browser/serve',
        env: { PORT: port },
        url: `http://127.0.0.1:${port}/sign-in`,
        reuseExistingServer: false,
        timeout: 60_000,
        gracefulShutdown: { signal: 'SIGTERM', timeout: 5_000 },
    },
});

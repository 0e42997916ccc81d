import { defineConfig } from '@playwright/test';
import { execFileSync } from 'node:child_process';

/** Tests run side by side, each process against a server with demo data of its own. */
const SERVERS = 2;

// Free ports, chosen once and the same in every process of the run.
const ASK = `const taken = [...Array(${SERVERS})].map(() => require('node:net').createServer().listen(0, '127.0.0.1'));
let left = taken.length;
taken.forEach((one) => one.on('listening', () => {
    if (--left === 0) {
        console.log(taken.map((each) => each.address().port).join());
        taken.forEach((each) => each.close());
    }
}));`;
process.env.PENSILIS_BROWSER_PORTS ??= execFileSync(process.execPath, ['-e', ASK], { encoding: 'utf8' }).trim();
const ports = process.env.PENSILIS_BROWSER_PORTS.split(',');

export default defineConfig({
    testDir: 'tests/Browser',
    outputDir: 'test-results/browser',
    fullyParallel: true,
    workers: SERVERS,
    // Long enough for a machine that does much else; what hangs is found all the same.
    timeout: 120_000,
    expect: { timeout: 30_000 },
    reporter: [['list'], ['junit', { outputFile: 'test-results/browser.xml' }]],
    use: {
        baseURL: `http://127.0.0.1:${ports[process.env.TEST_PARALLEL_INDEX ?? 0]}`,
        viewport: { width: 1280, height: 800 },
        launchOptions: {
            // Without the frame of a window, which takes more of the machine than the page in it.
            executablePath: '/usr/bin/chromium-headless-shell',
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
    webServer: ports.map((port, number) => ({
        command: 'tests/Browser/serve',
        env: { PORT: port, NUMBER: String(number), ...(number > 0 && { LIKE: '0' }) },
        url: `http://127.0.0.1:${port}/sign-in`,
        reuseExistingServer: false,
        timeout: 120_000,
        gracefulShutdown: { signal: 'SIGTERM', timeout: 5_000 },
    })),
});

import { defineConfig } from '@playwright/test';

const asRoot = process.getuid?.() === 0;

export default defineConfig({
    testDir: 'tests/Browser',
    outputDir: 'var/browser-results',
    workers: 1,
    timeout: 60_000,
    // A change comes back with a new plan: on a busy machine that may take a while, and how long is not what these tests ask.
    expect: { timeout: 15_000 },
    reporter: [['list']],
    use: {
        baseURL: process.env.BASE_URL,
        viewport: { width: 1280, height: 800 },
        // Where a test does not ask for the worker, requests can be cut and counted by hand.
        serviceWorkers: 'block',
        screenshot: 'only-on-failure',
        launchOptions: {
            executablePath: '/usr/bin/chromium',
            args: [
                ...(asRoot ? ['--no-sandbox'] : []),
                '--disable-gpu',
                '--disable-quic',
                '--no-first-run',
                '--disable-background-networking',
                '--disable-component-update',
                '--disable-sync',
            ],
        },
    },
});

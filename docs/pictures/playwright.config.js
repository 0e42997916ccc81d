import tests from '../../playwright.config.js';

export default {
    ...tests,
    testDir: '.',
    outputDir: '../../test-results/pictures',
    reporter: 'list',
    webServer: { ...tests.webServer, command: '../../tests/Browser/serve' },
};

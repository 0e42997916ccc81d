import tests from '../../playwright.config.js';

export default {
    ...tests,
    testDir: '.',
    outputDir: '../../test-results/pictures',
    reporter: 'list',
    workers: 1,
    webServer: tests.webServer.slice(0, 1).map((server) => ({ ...server, command: `../../${server.command}` })),
};

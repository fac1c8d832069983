import base from '/work/main/playwright.config';
export default { ...base, webServer: [], projects: undefined, testDir: '/work/main/tests/Browser', retries: 0, reporter: [['list']], outputDir:'/tmp/w/out' };

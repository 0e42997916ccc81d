import { chromium } from 'playwright';
const b = await chromium.launch({ executablePath: '/usr/bin/chromium-headless-shell' });
const p = await b.newPage({ viewport: { width: 1280, height: 800 } });
await p.goto('http://127.0.0.1:8123/sign-in');
await p.fill('[name=email]', 'bench@studio.example');
await p.fill('[name=password]', process.argv[2]);
await p.click('form button.btn-primary');
await p.waitForLoadState('networkidle');
for (const n of ['coast', 'flower', 'tray']) {
  await p.goto('http://127.0.0.1:8123/pieces');
  await p.locator('details:has(form[action="/pieces/files"]) summary').first().click({ timeout: 2000 }).catch(() => {});
  await p.setInputFiles('form[action="/pieces/files"] input[type=file]', `/tmp/b/${n}.json`);
  await p.locator('form[action="/pieces/files"] button').first().click();
  await p.waitForLoadState('networkidle');
  await p.waitForTimeout(2500);
  await p.screenshot({ path: `/tmp/b/p-${n}.png` });
  const url = p.url().split('?')[0].split('#')[0];
  console.log(n, url);
  await p.goto(url + '/sheet');
  await p.waitForLoadState('networkidle');
  await p.waitForTimeout(2500);
  await p.screenshot({ path: `/tmp/b/s-${n}.png`, fullPage: true });
}
await b.close();

import { chromium } from 'playwright';
const b = await chromium.launch({ executablePath: '/usr/bin/chromium-headless-shell' });
const p = await b.newPage({ viewport: { width: 1280, height: 800 } });
await p.goto('http://127.0.0.1:8123/sign-in');
await p.fill('[name=email]', 'bench@studio.example');
await p.fill('[name=password]', process.argv[2]);
await p.click('form button.btn-primary');
await p.waitForLoadState('networkidle');
let n = 0;
for (const [path, name, full] of JSON.parse(process.argv[3])) {
  await p.goto('http://127.0.0.1:8123' + path);
  await p.waitForLoadState('networkidle');
  await p.waitForTimeout(1500);
  await p.screenshot({ path: `/tmp/b/${name}.png`, fullPage: !!full });
}
await b.close();

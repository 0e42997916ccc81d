import { chromium } from 'playwright';
const [, , user, pass, ...jobs] = process.argv;
const b = await chromium.launch({ executablePath: '/usr/bin/chromium-headless-shell' });
const p = await b.newPage({ viewport: { width: 1280, height: 800 } });
await p.goto('http://127.0.0.1:8123/sign-in');
await p.fill('input[name=email]', user); await p.fill('input[name=password]', pass);
await p.click('main button, form button.btn-primary'); await p.waitForLoadState('networkidle');
for (const job of jobs) { const [path, out, full] = job.split('::'); await p.goto('http://127.0.0.1:8123' + path); await p.waitForLoadState('networkidle'); await p.waitForTimeout(700);
  if (out.endsWith('.txt')) { const fs = await import('fs'); fs.writeFileSync(out, await p.innerText('main')); } else await p.screenshot({ path: out, fullPage: full === 'full' }); }
await b.close();

import { chromium } from '@playwright/test';
import { CHROMIUM } from '../e2e/server';
(async () => {
  const b = await chromium.launch(CHROMIUM);
  const base = process.env.BASE ?? 'http://127.0.0.1:4680';
  const p = await b.newPage({ viewport: { width: 1280, height: 800 } });
  p.on('console', (m) => {
    if (['error', 'warning'].includes(m.type())) console.log('CONSOLE', m.text());
  });
  const tunes = (await (await p.request.get(base + '/api/tunes')).json()) as any[];
  const id = tunes.find((t) => t.title === (process.env.TUNE ?? 'Loose Gangway')).id;
  await p.goto(`${base}/tune/${id}/voice`);
  await p.waitForTimeout(2500);
  await p.screenshot({ path: '/tmp/v1.png' });
  await p.getByRole('button', { name: /^Voicings:/ }).click();
  await p.waitForTimeout(500);
  await p.screenshot({ path: '/tmp/v2.png' });
  await p.keyboard.press('Escape');
  await p.mouse.click(640, 500);
  await p.waitForTimeout(300);
  await p.getByRole('button', { name: /^Taste:/ }).click();
  await p.waitForTimeout(500);
  await p.screenshot({ path: '/tmp/v3.png' });
  await p.getByRole('button', { name: /^Taste:/ }).click();
  await p.setViewportSize({ width: 820, height: 1180 });
  await p.waitForTimeout(800);
  await p.screenshot({ path: '/tmp/v4.png' });
  await b.close();
})();

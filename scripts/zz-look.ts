import { chromium } from '@playwright/test';
import { CHROMIUM } from '../e2e/server';
async function main() {
const b = await chromium.launch(CHROMIUM);
const page = await b.newPage({ viewport: { width: 1280, height: 800 } });
page.on('console', (m) => { if (['error','warning'].includes(m.type())) console.log(m.text()); });
page.on('pageerror', (e) => console.log(String(e)));
await page.goto('http://127.0.0.1:4680/book');
await page.getByRole('link', { name: 'Half Past the Tide', exact: true }).click();
await page.getByRole('link', { name: 'Chart', exact: true }).click();
await page.waitForTimeout(2500);
await page.locator('.chart-sides').getByText('Scales', { exact: true }).click();
await page.waitForTimeout(500);
const t = Date.now();
await page.getByRole('button', { name: 'Keep it everywhere' }).click();
await page.waitForTimeout(3000);
console.log(Date.now() - t, 'ms to the page of scales', await page.locator('.scale-cell').count());
await page.waitForTimeout(800);
await page.screenshot({ path: '/tmp/a.png' });
await page.emulateMedia({ media: 'print' });
await page.setViewportSize({ width: 794, height: 1123 }); await page.waitForTimeout(1500); await page.screenshot({ path: '/tmp/p.png' });
await b.close();
}
void main();

import { chromium } from '@playwright/test';
import { CHROMIUM } from '../e2e/server';
async function main() {
const b = await chromium.launch(CHROMIUM);
for (const [tune, name] of [['The Second Lantern', 'a'], ['Loose Gangway', 'b'], ['Half Past the Tide', 'c']] as const) {
const page = await b.newPage({ viewport: { width: 1280, height: 1100 } });
await page.goto('http://127.0.0.1:4680/book');
await page.getByRole('link', { name: tune, exact: true }).click();
await page.getByRole('link', { name: 'Chart', exact: true }).click();
await page.waitForTimeout(2500);
await page.locator('.chart-sides').getByText('Map', { exact: true }).click();
await page.waitForTimeout(500);
await page.screenshot({ path: `/tmp/${name}.png` });
await page.close();
}
await b.close();
}
void main();

import { chromium } from '@playwright/test';
import { CHROMIUM } from '../e2e/server';
const BASE = 'http://127.0.0.1:4680';
void (async () => {
  const browser = await chromium.launch(CHROMIUM);
  const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
  page.on('console', (m) => { if (m.type() === 'error' || m.type() === 'warning') console.log(m.type(), m.text()); });
  const open = async (title: string, screen: string) => {
    await page.goto(`${BASE}/book`);
    await page.getByRole('link', { name: title, exact: true }).click();
    await page.getByRole('link', { name: screen, exact: true }).click();
    await page.waitForTimeout(1800);
  };
  await open('Half Past the Tide', 'Voice');
  await page.setViewportSize({ width: 390, height: 844 });
  await page.waitForTimeout(900);
  await page.screenshot({ path: '/tmp/look-390.png', fullPage: true });
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.getByRole('button', { name: /^Taste:/ }).click();
  for (let at = 1; at < 14; at += 1) {
    await page.locator('.chord-button').nth(at).click();
    await page.waitForTimeout(500);
    await page.locator('.alternative').nth(2).click();
    await page.waitForTimeout(700);
  }
  await page.waitForTimeout(1500);
  await page.screenshot({ path: '/tmp/look-taste.png' });
  await open('Half Past the Tide', 'Comp');
  await page.getByRole('combobox', { name: 'Who solos' }).click();
  await page.locator('.ant-select-item-option', { hasText: 'Running' }).click();
  await page.waitForTimeout(1800);
  await page.screenshot({ path: '/tmp/look-room.png' });
  await browser.close();
})();

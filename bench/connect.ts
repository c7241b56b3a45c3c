/** Enumerate and connect a 32-bar chorus of 64 chords, drop 2 on guitar: median of 15 runs, in ms. */
import {
  connect,
  defaultGuitar,
  defaultKeyboard,
  defaultSettings,
  parseChart,
  timeline,
  type Instrument,
} from '@drop-close/core';
import { report } from './report';

const EIGHT_BARS = [
  '| Cm7 F7 | Bbmaj7 Ebmaj7 | Am7b5 D7b9 | Gm6 G7alt |',
  '| Cm7 F7 | Bbmaj7 Ebmaj7 | Am7b5 D7(b9,b13) | Gm6 Gm7 |',
].join('\n');
const chords = timeline(parseChart(`${EIGHT_BARS}\n`.repeat(4)).chart).events.map((e) => e.chord);

function measure(name: string, instrument: Instrument, loop: boolean): void {
  const settings = { ...defaultSettings, instrument, loop };
  report(name, () => void connect(chords, settings));
}

measure('connect: 64 chords, drop 2, guitar', defaultGuitar, false);
measure('connect: 64 chords, drop 2, guitar, looped', defaultGuitar, true);
measure('connect: 64 chords, drop 2, keyboard', defaultKeyboard, false);

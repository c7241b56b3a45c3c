import { readFileSync, readdirSync } from 'node:fs';
import { parseChart } from '../packages/core/src/chart/parseChart';
import { chorusOf } from '../packages/core/src/arrangement/chorus/chorus';
import { settingsOf } from '../packages/core/src/arrangement/chorus/settings';
import { defaultArrangement } from '../packages/core/src/arrangement/stored/defaults';
import { startFor } from '../packages/core/src/arrangement/stored/start';
import { presets } from '../packages/core/src/connect/presets';
import { createConnector } from '../packages/core/src/connect/connect';
import { resolutionsOf } from '../packages/core/src/connect/explain/resolutions';
import { rooms } from '../packages/core/src/voicing/data';
const [, , f, instrument, roomId, id, full] = process.argv as any;
const chorus = chorusOf(
  parseChart(readFileSync('demo/' + readdirSync('demo').find((x) => x.startsWith(f)), 'utf8'))
    .chart,
);
const room = (rooms as any)[roomId];
const settings = settingsOf(
  {
    ...defaultArrangement,
    instrument,
    room,
    ...startFor(instrument, room),
    weights: presets.find((p) => p.id === id)!.weights,
  },
  chorus,
);
const o = createConnector().connect(chorus.chords, settings);
if (o.status !== 'found') throw o.why;
console.log(
  'motion',
  o.motion,
  'lent',
  o.lent.map((l) => chorus.chords[l.at]!.symbol + ':' + l.family + ' ' + l.why).join(' | '),
);
{
  const i = o.path.length - 1;
  const c = o.changes.at(-1)!;
  if (c.to === 0)
    console.log(
      'LOOP',
      chorus.chords[i]!.symbol,
      o.path[i]!.notes.map((n) => n.note + ':' + n.degree).join(' '),
      '->',
      o.path[0]!.notes.map((n) => n.note + ':' + n.degree).join(' '),
      resolutionsOf(c, [o.path[i]!, o.path[0]!], [chorus.chords[i]!, chorus.chords[0]!])
        .filter((r) => !r.met)
        .map((r) => r.from)
        .join(),
      'top',
      c.voices.at(-1)?.semitones,
    );
}
o.path.forEach((v, i) => {
  const c = o.changes[i];
  const prev = o.changes[i - 1];
  const un = prev
    ? resolutionsOf(prev, [o.path[i - 1]!, v], [chorus.chords[i - 1]!, chorus.chords[i]!])
        .filter((r) => !r.met)
        .map((r) => r.from + '→' + r.asks)
        .join(',')
    : '';
  const topm = prev ? prev.voices.filter((x) => x.semitones !== undefined).at(-1)?.semitones : 0;
  const e = chorus.timeline.events[i]!;
  const grip = v.notes.some((n) => n.string)
    ? [6, 5, 4, 3, 2, 1].map((s) => v.notes.find((n) => n.string === s)?.fret ?? 'x').join('-')
    : v.notes.map((n) => (n.hand === 'left' ? 'L' : '') + n.midi).join(' ');
  if (full || un || Math.abs(topm ?? 0) > 4)
    console.log(
      String(e.bar).padStart(3) + '.' + e.beat,
      chorus.chords[i]!.symbol.padEnd(9),
      v.family.padEnd(9),
      v.notes
        .map((n) => n.note)
        .join(' ')
        .padEnd(18),
      v.notes
        .map((n) => n.degree)
        .join(' ')
        .padEnd(16),
      grip.padEnd(20),
      v.without ? 'without ' + v.without.join(' ') : '',
      prev ? 'mv' + prev.motion + (prev.octave ? ' OCT' : '') : '',
      'top',
      topm,
      un && 'UNMET ' + un,
    );
});

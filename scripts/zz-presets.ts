import { readFileSync, readdirSync } from 'node:fs';
import { parseChart } from '../packages/core/src/chart/parseChart';
import { chorusOf } from '../packages/core/src/arrangement/chorus/chorus';
import { settingsOf } from '../packages/core/src/arrangement/chorus/settings';
import { defaultArrangement } from '../packages/core/src/arrangement/stored/defaults';
import { startFor } from '../packages/core/src/arrangement/stored/start';
import { presets } from '../packages/core/src/connect/presets';
import { createConnector } from '../packages/core/src/connect/connect';
import { summaryOf } from '../packages/core/src/connect/explain/summary';
import { rooms } from '../packages/core/src/voicing/data';
const only = process.argv[2]?.split(',') ?? ['guitar', 'keyboard', 'ukulele'];
const fam = process.argv[3];
let bad: string[] = [];
let n = 0;
const sums: Record<string, number[]> = {};
for (const instrument of only as any[])
  for (const room of Object.values(rooms))
    for (const f of readdirSync('demo').filter((f) => f.endsWith('.txt'))) {
      const chorus = chorusOf(parseChart(readFileSync('demo/' + f, 'utf8')).chart);
      const base = {
        ...defaultArrangement,
        instrument,
        room,
        ...(fam ? { families: fam.split(' ') as any } : startFor(instrument, room)),
      };
      const figs = presets.map((p) => {
        const settings = settingsOf({ ...base, weights: p.weights }, chorus);
        const o = createConnector().connect(chorus.chords, settings);
        if (o.status !== 'found') {
          console.log(f, instrument, room.id, p.id, o);
          return undefined;
        }
        const s = summaryOf({
          chords: chorus.chords,
          path: o.path,
          changes: o.changes,
          instrument: settings.instrument,
        });
        return {
          id: p.id,
          motion: s.motion,
          hand: o.path.reduce((a, v) => a + (v.stretchMm ?? 0), 0) + (s.handTravelMm ?? 0),
          sing: s.resolutions.asked - s.resolutions.met + s.topLeaps,
          oct: s.octaveMoves,
          voices: o.path.reduce((a, v) => a + v.notes.length, 0),
        };
      });
      n++;
      for (const x of figs)
        if (x) {
          const k = (sums[x.id] ??= [0, 0, 0, 0]);
          k[0] += x.motion;
          k[1] += x.hand;
          k[2] += x.sing;
          k[3] += x.oct;
        }
      const least = (id: string, k: 'motion' | 'hand' | 'sing') => {
        const own = figs.find((x) => x?.id === id)!;
        const m = Math.min(...figs.map((x) => x![k]));
        if (own[k] > m + 0.5)
          bad.push(
            `${f} ${instrument} ${room.id} ${id} ${k} ${own[k]} > ${m} by ${figs.find((x) => x![k] === m)!.id}`,
          );
      };
      least('smoothest', 'motion');
      least('easy hands', 'hand');
      least('singing top', 'sing');
    }
console.log(n, 'cases', bad.length, 'broken');
console.log(bad.slice(0, 40).join('\n'));
console.log(sums);

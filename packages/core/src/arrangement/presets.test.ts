/**
 * Presets keep their word, and no dominant leaps away from its own resolution: over all demo tunes, all
 * instruments, all rooms, each with the families it starts with.
 */
import { dominantResolves } from '../connect/base/place';
import { createConnector, type Connector } from '../connect/connect';
import { summaryOf } from '../connect/explain/summary';
import { presets } from '../connect/presets';
import { INSTRUMENT_IDS } from '../voicing/base/instruments';
import { demoChoruses } from '../testing/demo';
import { rooms } from '../voicing/data';
import type { Chorus } from './chorus/chorus';
import { settingsOf } from './chorus/settings';
import { defaultArrangement } from './stored/defaults';
import { startFor } from './stored/start';
import type { Arrangement } from './stored/types';

const CHORUSES = demoChoruses();

function figures(connector: Connector, arrangement: Arrangement, chorus: Chorus) {
  const settings = settingsOf(arrangement, chorus);
  const outcome = connector.connect(chorus.chords, settings);
  if (outcome.status !== 'found') throw new Error(outcome.why);
  const { path, changes } = outcome;
  const { instrument } = settings;
  const summary = summaryOf({ chords: chorus.chords, path, changes, instrument });
  const stretch = path.reduce((sum, { stretchMm = 0 }) => sum + stretchMm, 0);
  return {
    path,
    changes,
    motion: summary.motion,
    hand: Math.round(stretch + (summary.handTravelMm ?? 0)),
    missed: summary.resolutions.asked - summary.resolutions.met + summary.topLeaps,
  };
}

const PROMISES = [
  ['smoothest', 'motion'],
  ['easy hands', 'hand'],
  ['singing top', 'missed'],
] as const;

it.each(INSTRUMENT_IDS)(
  'each preset is the least of all in what it promises, on every demo tune in every room, %s',
  (instrument) => {
    let cases = 0;
    for (const room of Object.values(rooms)) {
      const start = { ...defaultArrangement, instrument, room, ...startFor(instrument, room) };
      // One for all, so that what can be played is found once.
      const connector = createConnector();
      const all = presets.map(({ id, weights }) => ({
        id,
        figures: CHORUSES.map((chorus) => figures(connector, { ...start, weights }, chorus)),
      }));
      for (const [tune, chorus] of CHORUSES.entries()) {
        const byPreset = new Map(all.map((preset) => [preset.id, preset.figures[tune]!]));
        for (const [id, figure] of PROMISES) {
          const least = Math.min(...[...byPreset.values()].map((each) => each[figure]));
          // Fingers are judged by the millimetre.
          expect(byPreset.get(id)![figure]).toBeLessThanOrEqual(
            least + (figure === 'hand' ? 1 : 0),
          );
          cases += 1;
        }
        for (const { path, changes } of byPreset.values()) {
          for (const { from, to, octave, motion } of changes) {
            const [a, b] = [chorus.chords[from]!, chorus.chords[to]!];
            if (dominantResolves(a, b)) expect(octave).toBe(0);
            // Counted in full: what the voices really move.
            if (path[from]!.notes.length === path[to]!.notes.length) {
              const moved = path[from]!.notes.map(({ midi }, voice) =>
                Math.abs(path[to]!.notes[voice]!.midi - midi),
              );
              expect(motion).toBe(moved.reduce((sum, each) => sum + each, 0));
            }
          }
          if (!room.others.bass) {
            for (const [at, { notes }] of path.entries()) {
              // A bass after a slash is lowest, whatever it is.
              if (chorus.chords[at]!.bass !== undefined) continue;
              expect(['9', 'b9', '#9', '11', '#11', '13', 'b13']).not.toContain(notes[0]?.degree);
            }
          }
        }
      }
    }
    expect(cases).toBe(5 * 12 * 3);
  },
);

/**
 * A note wanted on top is on top, in rooms with a bass too, and be it the root: over demo tunes, with the
 * families that instrument and room start with.
 */
import { createConnector } from '../connect/connect';
import { pitchClassOf } from '../pitch/spelling';
import { demoChoruses } from '../testing/demo';
import { rooms } from '../voicing/data';
import { settingsOf } from './chorus/settings';
import { defaultArrangement } from './stored/defaults';
import { startFor } from './stored/start';

const CHORUSES = demoChoruses();
/** Every so many chords are asked. */
const EVERY = 17;
/** So far under the top of the register, where something can lie below. */
const BELOW_TOP = 2;

it.each(['guitar', 'keyboard'] as const)('root, third and fifth on top, %s', (instrument) => {
  let asked = 0;
  for (const room of [rooms.alone, rooms.bass, rooms['bass and horn']]) {
    const connector = createConnector();
    const start = { ...defaultArrangement, instrument, room, ...startFor(instrument, room) };
    for (const chorus of CHORUSES) {
      const settings = settingsOf(start, chorus);
      for (let at = 0; at < chorus.chords.length; at += EVERY) {
        for (const { degree, note } of chorus.chords[at]!.tones) {
          if (!['R', '3', 'b3', '5'].includes(degree)) continue;
          let wanted = 60 + pitchClassOf(note);
          while (wanted > room.window.high - BELOW_TOP) wanted -= 12;
          const wishes = { ...settings.wishes, tops: { [at]: wanted } };
          const outcome = connector.connect(chorus.chords, { ...settings, wishes });
          if (outcome.status !== 'found') throw new Error(outcome.why);
          expect(outcome.path[at]!.notes.at(-1)!.midi).toBe(wanted);
          asked += 1;
        }
      }
    }
  }
  expect(asked).toBeGreaterThan(180);
});

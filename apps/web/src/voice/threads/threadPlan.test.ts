import {
  connect,
  defaultKeyboard,
  defaultSettings,
  parseChart,
  threadsOf,
  timeline,
} from '@drop-close/core';
import { threadPlan } from './useThreadListening';

const time = timeline(parseChart('| Dm7 G7 | Cmaj7 |').chart);
const settings = { ...defaultSettings, instrument: defaultKeyboard, families: ['close' as const] };
const outcome = connect(
  time.events.map(({ chord }) => chord),
  settings,
);
if (outcome.status !== 'found') throw new Error(outcome.why);
const { path, changes } = outcome;
const [low, , , top] = threadsOf(path, changes);

it('plays one voice, each note as long as it is held', () => {
  const { notes, length } = threadPlan(top!, 0, time, path);
  expect(length).toBe(8);
  const sounding = path.map((voicing) => voicing.notes.at(-1)!.midi);
  expect(notes.map(({ midi }) => midi)).toEqual(
    sounding.filter((midi, i) => midi !== sounding[i - 1]),
  );
  expect(notes.reduce((sum, note) => sum + note.length, 0)).toBe(8);
});

it('begins at the chord it is asked from', () => {
  const { notes } = threadPlan(low!, 2, time, path);
  expect(notes).toMatchObject([{ at: 0, length: 4, midi: path[2]!.notes[0]!.midi }]);
});

import { FAMILY_IDS, type Voicing } from '../../voicing/base/types';
import { defaultGuitar, rooms } from '../../voicing/data';
import { makeEtude } from '../etude';
import { WAYS } from './rounds';

const OPEN = defaultGuitar.tuning;
/** The strings it lies on, the lowest first. */
const stringsOf = ({ notes }: Voicing): number[] =>
  notes.flatMap(({ string }) => string ?? []).sort((a, b) => b - a);

/** Frets of the same notes on the same strings, the lowest note on the lowest string; some may lie off the neck. */
const uncrossed = (voicing: Voicing): number[] =>
  stringsOf(voicing).map((string, at) => voicing.notes[at]!.midi - OPEN[OPEN.length - string]!);

const isCrossed = ({ notes }: Voicing): boolean =>
  notes.some(({ string = 0 }, at) => at > 0 && string > (notes[at - 1]!.string ?? 0));

const span = (frets: readonly number[]): number => {
  const pressed = frets.filter((fret) => fret > 0);
  return Math.max(...pressed) - Math.min(...pressed);
};

it('crosses no strings where the same notes lie nearer together uncrossed: every family and way, three qualities', () => {
  let held = 0;
  const wrong: string[] = [];
  for (const family of FAMILY_IDS) {
    for (const kind of ['maj7', '7', 'm7b5'] as const) {
      for (const way of WAYS) {
        const made = makeEtude({
          ...{ family, kind, way, cycle: 'circle of fourths', key: 'C', triads: false },
          ...{ strings: [], instrument: 'guitar', room: rooms.alone },
        });
        if (!made.ok) continue;
        for (const voicing of made.value.rounds.flatMap(({ path }) => path)) {
          held += 1;
          if (!isCrossed(voicing)) continue;
          const frets = uncrossed(voicing);
          const fits = frets.every((fret) => fret > 0 && fret <= 17);
          const own = voicing.notes.map(({ fret = 0 }) => fret);
          if (fits && span(frets) < span(own)) wrong.push(`${family} ${kind} ${own.join('-')}`);
        }
      }
    }
  }
  expect(wrong).toEqual([]);
  expect(held).toBeGreaterThan(2500);
});

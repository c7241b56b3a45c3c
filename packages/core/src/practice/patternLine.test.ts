import { rooms } from '../voicing/data';
import type { Voicing } from '../voicing/base/types';
import { makeEtude } from './etude';
import { patternLine, type Played } from './patternLine';
import type { Etude, EtudeRequest } from './types';

const request: EtudeRequest = {
  ...{ family: 'drop2', cycle: 'diatonic fourths', kind: '7', key: 'C', triads: false },
  ...{ way: 'nearest', strings: [], instrument: 'guitar', room: rooms.alone },
};

function etude(change: Partial<EtudeRequest> = {}): Etude {
  const made = makeEtude({ ...request, ...change });
  if (!made.ok) throw new Error(made.problem.message);
  return made.value;
}

/** Notes as `pitch@quarter`. */
const shown = (path: readonly Voicing[], lengths: readonly number[], played: Played): string =>
  patternLine(path, lengths, played)
    .map(({ midi, at }) => `${midi}@${at / 480}`)
    .join(' ');

const voicing = (...pitches: readonly number[]): Voicing =>
  ({ notes: pitches.map((midi) => ({ midi })) }) as unknown as Voicing;
const TWO = [voicing(52, 55, 60, 65), voicing(52, 57, 60, 64)];

describe('an étude in single notes (common practice)', () => {
  it('breaks each chord in eighths, a voice skipped each time', () => {
    expect(shown(TWO, [2, 2], 'broken')).toBe('52@0 60@0.5 55@1 65@1.5 52@2 60@2.5 57@3 64@3.5');
    expect(shown([voicing(50, 57, 65)], [2], 'broken')).toBe('50@0 65@0.5 57@1 50@1.5');
  });
  it('encloses the top note of the next chord, a half step above and below, on to its beat', () => {
    expect(shown(TWO, [2, 4], 'enclosed')).toBe('65@0 65@1 63@1.5 64@2');
  });
  it('is nothing where chords are struck', () => {
    expect(patternLine(TWO, [2, 2], 'chords')).toEqual([]);
    expect(etude().line).toBeUndefined();
  });
  it.each(['broken', 'enclosed'] as const)(
    'goes through every round, %s, each note under its chord',
    (played) => {
      for (const cycle of ['diatonic fourths', 'ii–V–I', 'steps'] as const) {
        const { rounds, line } = etude({ played, cycle });
        const bars = cycle === 'ii–V–I' ? 24 : Math.ceil(rounds[0]!.path.length / 2);
        expect(line!.notes).toHaveLength(rounds.reduce((sum, round) => sum + round.line.length, 0));
        for (const [round, { path, line: own }] of rounds.entries()) {
          const at = round * bars * 1920;
          const first = line!.notes.find((note) => note.at === at)!;
          const pitches = path[0]!.notes.map(({ midi }) => midi as number);
          expect(pitches).toContain(first.midi);
          expect(own[0]!.midi).toBe(first.midi);
        }
      }
    },
  );
  it('is told of in its title', () => {
    expect(etude({ played: 'broken' }).title).toBe('Drop 2 by fourths in C, broken');
  });
});

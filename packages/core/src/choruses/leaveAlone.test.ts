import { defaultArrangement } from '../arrangement/stored/defaults';
import { contradicting } from '../analysis/base/inflections';
import { midi, pitchClass, ticks } from '../base/units';
import { noComp } from '../comp/defaults';
import { createConnector } from '../connect/connect';
import { chord } from '../testing/builders';
import { chorusFrom } from '../testing/choruses';
import { rooms } from '../voicing/data';
import { compose } from './compose';

describe('what contradicts a note that is held over a chord (arithmetic)', () => {
  it.each([
    ['G7', 68, [9]], // A flat, the b9, leaves A alone.
    ['G7', 69, [8, 10]], // A, the 9, leaves A flat and A sharp.
    ['G7', 63, [4]], // E flat, the b13: E.
    ['C7', 66, [5]], // F sharp, the #11: F.
    ['G7', 71, []], // B is a tone of the chord.
    ['G7b9', 70, [9]], // A sharp, the #9: A, and not the written A flat.
  ])('%s under %i', (symbol, held, alone) => {
    expect(contradicting(chord(symbol), held).map(Number)).toEqual(alone);
  });
});

it('under a held b9 the 9 is left alone, under a held 9 the b9, on both instruments', () => {
  const chorus = chorusFrom('key: C\n| Dm7 | G7 | Cmaj7 | % |');
  for (const instrument of ['guitar', 'keyboard'] as const) {
    for (const [held, alone] of [
      [80, 9],
      [81, 8],
    ] as const) {
      const line = [{ midi: midi(held), at: ticks(1920), length: ticks(1920), velocity: 80 }];
      const arrangement = {
        ...defaultArrangement,
        ...{ instrument, room: rooms['bass and horn'], tensions: 'available' as const },
        families: ['rootless', 'colour'] as const,
      };
      const comp = { ...noComp, yields: true };
      const connector = createConnector();
      const request = { connector, arrangement, comp, chorus, line, offbeat: 0.5 };
      const { voiced } = compose(request);
      if (voiced.status !== 'found') throw new Error(voiced.why);
      const pitches = voiced.path[1]!.notes.map((note) => pitchClass(note.midi) as number);
      expect([instrument, held, pitches.includes(alone)]).toEqual([instrument, held, false]);
      expect(pitches.length).toBeGreaterThan(2);
    }
  }
});

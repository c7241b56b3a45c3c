import { defaultArrangement } from '../arrangement/stored/defaults';
import { contradicting } from '../analysis/base/inflections';
import { midi, pitchClass, ticks } from '../base/units';
import { offbeatAt } from '../band/swing';
import { EIGHTH } from '../comp/base/time';
import { noComp } from '../comp/defaults';
import { standInLine } from '../comp/solo/standIn';
import { createConnector } from '../connect/connect';
import { chord } from '../testing/builders';
import { chorusFrom } from '../testing/choruses';
import { demoTunes } from '../testing/demo';
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

const PLAYERS = (['guitar', 'keyboard'] as const).flatMap((instrument) =>
  [1, 2, 3].map((seed) => [instrument, seed] as const),
);

it('nothing contradicts a note that is held for more than an eighth: demo tunes, both instruments, three lines, colours free', () => {
  let held = 0;
  const contradictions: string[] = [];
  for (const { title, chorus, feel, tempo } of demoTunes()) {
    const offbeat = offbeatAt(feel, tempo, 100);
    for (const [instrument, seed] of PLAYERS) {
      const room = rooms['bass and horn'];
      const { timeline } = chorus;
      const line = standInLine({ timeline, density: 2, range: room.soloist, seed });
      const arrangement = {
        ...defaultArrangement,
        ...{ instrument, room, tensions: 'available' as const },
        families: ['rootless', 'colour'] as const,
      };
      const connector = createConnector();
      const request = { connector, arrangement, comp: noComp, chorus, line, offbeat };
      const { voiced, sounding } = compose(request);
      if (voiced.status !== 'found') throw new Error(voiced.why);
      for (const { at, end, chord: event } of sounding) {
        const written = timeline.events[event]!.chord;
        if (written.kind !== 'chord') continue;
        for (const note of line) {
          const together = Math.min(end, note.at + note.length) - Math.max(at, note.at);
          if (together <= EIGHTH) continue;
          held += 1;
          const alone = contradicting(written, note.midi);
          const pitches = voiced.path[event]!.notes.map(({ midi: pitch }) => pitchClass(pitch));
          if (alone.some((pitch) => pitches.includes(pitch)))
            contradictions.push(`${title}, ${instrument}: ${written.symbol} under ${note.midi}`);
        }
      }
    }
  }
  expect(held).toBeGreaterThan(700);
  expect(contradictions).toEqual([]);
});

/**
 * What a player asks of voicings is kept: over demo tunes, on every instrument, alone and with a bass.
 * Where no voicing can be had so, the chord is lent another family, and the reason says what it could not be.
 */
import { createConnector } from '../connect/connect';
import type { ConnectedPath } from '../connect/base/types';
import { demoChoruses } from '../testing/demo';
import type { PitchedChord } from '../chord/types';
import type { Voicing } from '../voicing/base/types';
import { INSTRUMENT_IDS } from '../voicing/base/instruments';
import { rooms } from '../voicing/data';
import { settingsOf } from './chorus/settings';
import type { Chorus } from './chorus/chorus';
import { defaultArrangement } from './stored/defaults';
import { startFor } from './stored/start';
import type { Arrangement } from './stored/types';

const ALL = demoChoruses();
/** Free colours are many: every so many tunes are asked for them. */
const SOME = ALL.filter((_, at) => at % 3 === 0);
/** They are most where a guide tone may be left out. */
const FEW = ALL.filter((_, at) => at % 6 === 0);

/** Every tune as a player would start it, with something asked besides. */
function choruses(
  tunes: readonly Chorus[],
  instrument: Arrangement['instrument'],
  change: Partial<Omit<Arrangement, 'asked'>> & { readonly asked?: Partial<Arrangement['asked']> },
): { readonly chorus: Chorus; readonly voiced: ConnectedPath }[] {
  return [rooms.alone, rooms.bass].flatMap((room) => {
    const connector = createConnector();
    const start = { ...defaultArrangement, instrument, room, ...startFor(instrument, room) };
    const arrangement = { ...start, ...change, asked: { ...start.asked, ...change.asked } };
    return tunes.map((chorus) => {
      const voiced = connector.connect(chorus.chords, settingsOf(arrangement, chorus));
      if (voiced.status !== 'found') throw new Error(voiced.why);
      return { chorus, voiced };
    });
  });
}

/** The chords that sound in the families asked for, with their voicings. */
const unlent = ({ chorus, voiced }: ReturnType<typeof choruses>[number]) =>
  voiced.path.flatMap((voicing, at) => {
    const chord = chorus.chords[at]!;
    const lent = voiced.lent.some((each) => each.at === at);
    return chord.kind === 'chord' && !lent ? [{ chord, voicing }] : [];
  });

/** The guide tones of a chord that do not sound, but for those that are told of as left out. */
const missingGuides = (chord: PitchedChord, voicing: Voicing): number =>
  chord.guideTones.filter(
    (guide) =>
      !voicing.notes.some(({ degree }) => degree === guide) && !voicing.without?.includes(guide),
  ).length;

describe.each(INSTRUMENT_IDS)('what is asked is kept: %s', (instrument) => {
  it('the hand stays in one place where that is asked', () => {
    let changes = 0;
    for (const { voiced } of choruses(ALL, instrument, { stayInPlace: true })) {
      for (const { octave } of voiced.changes) {
        expect(octave).toBe(0);
        changes += 1;
      }
    }
    expect(changes).toBeGreaterThan(700);
  });

  it.each([3, 4] as const)(
    '%i voices are asked for and sound, guide tones among them',
    (voices) => {
      let kept = 0;
      for (const one of choruses(SOME, instrument, { families: ['colour'], asked: { voices } })) {
        for (const { chord, voicing } of unlent(one)) {
          expect(voicing.notes).toHaveLength(voices);
          expect(missingGuides(chord, voicing)).toBe(0);
          kept += 1;
        }
        for (const { at, why } of one.voiced.lent) {
          // Another note in the bass may be out of the register whatever the number.
          const chord = one.chorus.chords[at]!;
          const slash = chord.kind === 'chord' && chord.bass !== undefined;
          if (!slash) expect(why).toContain(`${voices} voices`);
        }
      }
      expect(kept).toBeGreaterThan(200);
    },
  );

  it('the root is lowest, or the root or the fifth, where that is asked', () => {
    let kept = 0;
    for (const [bottom, allowed] of [
      ['root', ['R']],
      ['root or fifth', ['R', '5', 'b5', '#5']],
    ] as const) {
      for (const one of choruses(ALL, instrument, {
        families: ['drop2', 'shell'],
        asked: { bottom },
      })) {
        for (const { chord, voicing } of unlent(one)) {
          if (chord.bass !== undefined) continue;
          expect(allowed).toContain(voicing.notes[0]!.degree);
          kept += 1;
        }
      }
    }
    expect(kept).toBeGreaterThan(200);
  });

  it('one guide tone at most is left out where that is asked', () => {
    let kept = 0;
    const asked = { incomplete: true, voices: 4 } as const;
    for (const one of choruses(FEW, instrument, { families: ['colour'], asked })) {
      for (const { chord, voicing } of unlent(one)) {
        expect(missingGuides(chord, voicing)).toBeLessThanOrEqual(1);
        kept += 1;
      }
    }
    expect(kept).toBeGreaterThan(100);
  });
});

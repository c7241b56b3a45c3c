import fc from 'fast-check';
import { parseChart } from '../chart/parseChart';
import { timeline } from '../chart/timeline';
import { pitchClassOf } from '../pitch/spelling';
import { PROGRESSIONS } from '../testing/progressions';
import { analyzeChart } from './analyzeChart';
import { keyPitches } from './base/key';
import type { CoveringSound } from './base/types';

const soundsOf = (text: string): readonly CoveringSound[] =>
  analyzeChart(parseChart(text).chart).sounds;
const told = (text: string): string[] => soundsOf(text).map(({ label }) => label);

describe('one sound over a run of chords (common practice)', () => {
  it('may begin at any bar', () => {
    expect(soundsOf('key: C\n| Ebm7 | Dm7 | G7 | Cmaj7 | Am7 |')[0]).toMatchObject({
      fromBar: 2,
      toBar: 5,
      label: '4 bars of C major',
    });
  });

  it('names the one chord that does not belong', () => {
    expect(soundsOf('key: C\n| Dm7 | G7 | Cmaj7 | C#dim7 | Dm7 | G7 | Cmaj7 |')).toMatchObject([
      { label: '7 bars of C major', except: { symbol: 'C#dim7', bar: 4 } },
    ]);
  });

  it('covers no chord by root, third and seventh alone: Dbmaj7 has an A flat that D minor has not', () => {
    const sounds = soundsOf('key: Dm\n| Dm7 | Gm7 | Dbmaj7 | A7 | Dm7 |');
    expect(sounds).toMatchObject([{ label: '5 bars of D minor', except: { symbol: 'Dbmaj7' } }]);
  });

  it('tells the notes that are safe throughout: over ii V I vi D, G and A', () => {
    const [sound] = soundsOf('key: C\n| Dm7 | G7 | Cmaj7 | Am7 |');
    expect(sound?.notes).toEqual(['D', 'G', 'A']);
  });

  it('is not told where its own tonic would be the exception: a blues is not four bars of its IV', () => {
    const blues = '| Bb7 | Eb7 | Bb7 | Fm7 Bb7 | Eb7 | Edim7 | Bb7 | % | Cm7 | F7 | Bb7 | F7 |';
    expect(told(`key: Bb\n${blues}`)).toEqual([]);
  });

  it('has a leading tone on V, vii and the tonic alone: Gm6 in D major is no chord of B minor', () => {
    const sounds = soundsOf('key: D\n| Gmaj7 | Gm6 | F#m7 | B7 | Em7 | A7 | D6 | % |');
    expect(sounds).toMatchObject([{ label: '6 bars of D major', except: { symbol: 'B7' } }]);
  });

  it('is heard for half its bars: F major does not turn to seven bars of D minor by a C7b9', () => {
    const labels = told('key: F\n| Gm7 | Dbmaj7 | Gm7 | C7sus4 C7b9 | Fmaj7 | Em7b5 A7b9 | Dm7 |');
    expect(labels).not.toContain('7 bars of D minor');
  });

  it('is none where one chord fills the bars, or two strangers stand in them', () => {
    expect(told('key: C\n| Cmaj7 | % | % | % |')).toEqual([]);
    expect(told('key: C\n| Cmaj7 | Eb7 | Abmaj7 | B7 |')).toEqual([]);
  });
});

describe('covering sounds and their safe notes (worked out by hand)', () => {
  it.each([
    ['Bb', '| Cm7 | F7 | Bbmaj7 | Gm7 |', '1-4 4 bars of B♭ major: C F G'],
    ['D', '| Em7 | A7 | Dmaj7 | Bm7 |', '1-4 4 bars of D major: E A B'],
    ['Fm', '| Gm7b5 | C7 | Fm7 | Fm6 |', '1-4 4 bars of F minor: Bb C'],
    ['E', '| F#m7 | B7 | Emaj7 | C#7 | F#m7 | B7 |', '1-6 6 bars of E major but C#7: F# B C#'],
    ['G', '| Bbm7 | Eb7 | Am7 | D7 | Gmaj7 | Em7 |', '3-6 4 bars of G major: A D E'],
    ['Am', '| Am6 | % | Bm7b5 | E7b9 | Am7 |', '1-5 5 bars of A minor: D E'],
    ['Ab', '| Ab6 | Fm7 | Bbm7 | Eb7 | Ab6 | % |', '1-6 6 bars of A♭ major: Bb Eb F'],
    ['F', '| Fmaj7 | Fm7 Bb7 | Ebmaj7 | Ebm7 Ab7 | Dbmaj7 |', ''],
  ])('in %s: %s', (key, text, expected) => {
    const said = soundsOf(`key: ${key}\n${text}`).map(
      ({ fromBar, toBar, label, except, notes }) =>
        `${fromBar}-${toBar} ${label}${except ? ` but ${except.symbol}` : ''}: ${notes.join(' ')}`,
    );
    expect(said.join('; ')).toBe(expected);
  });
});

/** Checks every claim of a chart; returns how many there are. */
function check(text: string): number {
  const { chart } = parseChart(text);
  const { events } = timeline(chart);
  const { sounds } = analyzeChart(chart);
  for (const { fromBar, toBar, label, notes, except } of sounds) {
    const [, tonic, mode] = /of (\S+) (major|minor)$/.exec(label) ?? [];
    const name = tonic!.replace('♭', 'b').replace('♯', '#');
    const pitches = keyPitches({ tonic: pitchClassOf(name), mode: mode as 'major' | 'minor' });
    for (const { chord, bar } of events) {
      if (chord.kind !== 'chord' || bar < fromBar || bar > toBar || chord.symbol === except?.symbol)
        continue;
      const body = chord.tones.filter(({ degree }) => chord.guideTones.includes(degree));
      // A tonic minor may have the sixth of melodic minor.
      const inside = body.every(
        ({ degree, note }) => degree === '6' || pitches.has(pitchClassOf(note)),
      );
      expect([label, chord.symbol, inside]).toEqual([label, chord.symbol, true]);
      const near = [chord.root, ...body.map(({ note }) => note)].map(pitchClassOf);
      for (const note of notes) {
        const pitch = pitchClassOf(note);
        const own = chord.tones.some((tone) => pitchClassOf(tone.note) === pitch);
        const rubs = near.some((other) => [1, 11].includes((pitch - other + 12) % 12));
        expect([label, note, chord.symbol, own || !rubs]).toEqual([
          label,
          note,
          chord.symbol,
          true,
        ]);
      }
    }
  }
  return sounds.length;
}

it('claims nothing that a chord it covers contradicts: by hand-made progressions', () => {
  const claims = PROGRESSIONS.map(([, key, text]) => check(`key: ${key}\n${text}`));
  expect(claims.reduce((a, b) => a + b)).toBeGreaterThan(10);
});

it('nor in random rows of chords that share a key or two (property, seed 16)', () => {
  const symbols =
    'Dm7 G7 Cmaj7 Am7 Em7 Fmaj7 C7 A7 E7 Bm7b5 Fm6 Bb7 C#dim7 D7 G7b9 Dm7b5 Cm6 C6 G7sus4 Am6';
  let claims = 0;
  fc.assert(
    fc.property(
      fc.array(fc.constantFrom(...symbols.split(' ')), { minLength: 6, maxLength: 16 }),
      (row) => {
        claims += check(`key: C\n| ${row.join(' | ')} |`);
      },
    ),
    { numRuns: 200, seed: 16 },
  );
  expect(claims).toBeGreaterThan(80);
});

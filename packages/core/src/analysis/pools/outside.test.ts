import { get } from '@tonaljs/scale-type';
import { majorKey, minorKey } from '@tonaljs/key';
import { parseChart } from '../../chart/parseChart';
import { analyzeChart } from '../analyzeChart';
import { SCALES, scaleNotes, scaleSemitones, type ScaleName } from '../../chord/scales';

/** What @tonaljs/scale-type 4.9.3 calls our scales. */
const THERE: Readonly<Record<ScaleName, string>> = {
  Ionian: 'ionian',
  Dorian: 'dorian',
  Phrygian: 'phrygian',
  Lydian: 'lydian',
  Mixolydian: 'mixolydian',
  Aeolian: 'aeolian',
  Locrian: 'locrian',
  'Locrian natural 9': 'locrian #2',
  'melodic minor': 'melodic minor',
  'harmonic minor': 'harmonic minor',
  'Dorian b9': 'dorian b2',
  'Lydian b7': 'lydian dominant',
  'Lydian augmented': 'lydian augmented',
  'Mixolydian b13': 'mixolydian b6',
  'Mixolydian b9 b13': 'phrygian dominant',
  altered: 'altered',
  'half-whole diminished': 'half-whole diminished',
  'whole-half diminished': 'diminished',
  'whole tone': 'whole tone',
  'major sixth-diminished': 'bebop major',
  'minor sixth-diminished': 'minor six diminished',
  'major pentatonic': 'major pentatonic',
  'minor pentatonic': 'minor pentatonic',
  blues: 'minor blues',
  triad: '',
  'minor triad': '',
};
/** Triads are no scales there. */
const TRIADS: readonly ScaleName[] = ['triad', 'minor triad'];

function semitonesThere(name: string): number[] {
  const { chroma } = get(name);
  return Array.from(chroma).flatMap((one, at) => (one === '1' ? [at] : []));
}

describe('scales have the pitches @tonaljs/scale-type gives them', () => {
  const known = (Object.keys(SCALES) as ScaleName[]).filter((name) => !TRIADS.includes(name));
  it.each(known)('%s', (name) => {
    expect(semitonesThere(THERE[name])).toEqual(scaleSemitones(name));
  });
});

describe('the sixth-and-diminished scales alternate a sixth chord and a dim7 (common practice)', () => {
  it.each([
    ['major sixth-diminished', [0, 4, 7, 9], [2, 5, 8, 11]],
    ['minor sixth-diminished', [0, 3, 7, 9], [2, 5, 8, 11]],
  ] as const)('%s', (name, sixth, diminished) => {
    const semitones = scaleSemitones(name);
    expect(semitones.filter((_, at) => at % 2 === 0)).toEqual(sixth);
    expect(semitones.filter((_, at) => at % 2 === 1)).toEqual(diminished);
  });
});

describe('spelling of scales and keys agrees with @tonaljs/key', () => {
  it.each('C G D A E B F# Gb Db Ab Eb Bb F'.split(' '))('%s major', (tonic) => {
    expect(scaleNotes(tonic, 'Ionian')).toEqual(majorKey(tonic).scale);
  });
  it.each('A E B F# C# G# Eb Bb F C G D'.split(' '))('%s minor', (tonic) => {
    const key = minorKey(tonic);
    expect(scaleNotes(tonic, 'Aeolian')).toEqual(key.natural.scale);
    expect(scaleNotes(tonic, 'harmonic minor')).toEqual(key.harmonic.scale);
    expect(scaleNotes(tonic, 'melodic minor')).toEqual(key.melodic.scale);
  });
});

describe('chords of a key get its modes, as @tonaljs/key has them', () => {
  it.each('C G D A E B Gb Db Ab Eb Bb F'.split(' '))('in %s major', (tonic) => {
    const key = majorKey(tonic);
    const text = key.chords.map((symbol) => `| ${symbol} `).join('');
    const { chords } = analyzeChart(parseChart(`key: ${tonic}\n${text}|`).chart);
    const degrees = key.grades.map((grade) => grade.toLowerCase());
    expect(chords.map(({ numeral }) => numeral.toLowerCase().replace(/maj7|7|ø/g, ''))).toEqual(
      degrees,
    );
    chords.forEach(({ symbol, scales }, at) => {
      // Common practice gives IV Lydian, iii Phrygian, vi Aeolian, as the modes of the key do.
      const mode = key.chordScales[at]!.split(' ').slice(1).join(' ').replace('major', 'ionian');
      const ours = scales[0]!.name.split(' ').slice(1).join(' ').toLowerCase();
      expect([symbol, ours]).toEqual([symbol, mode.replace('minor', 'aeolian')]);
    });
  });
});

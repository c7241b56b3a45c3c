import { DEGREES, type Degree } from '../../chord/degrees';
import { spellFrom, type NoteName } from '../../pitch/spelling';
import type { ReadMoment } from '../readings/chartReading';
import type { Pool } from '../base/types';
import { poolOf } from './scale';

const on = ({ chord }: ReadMoment, degree: Degree): NoteName =>
  spellFrom(chord.root, DEGREES[degree].letterSteps, DEGREES[degree].semitones);

const MINOR_SIXTH = 'minor sixth-diminished';
const MAJOR_SIXTH = 'major sixth-diminished';

/**
 * Every chord as a sixth chord, its scale the sixth chord and the diminished of its dominant by turns.
 * Source: common practice.
 */
export function sixthAndDiminished(moment: ReadMoment): Pool[] {
  const pool = (
    root: NoteName,
    scale: typeof MINOR_SIXTH | typeof MAJOR_SIXTH,
    as: string,
  ): Pool[] => [poolOf(root, scale, as, 'sixth and diminished')];
  const { chord, class: kind } = moment;
  switch (kind) {
    case 'major':
      return pool(chord.root, MAJOR_SIXTH, `read as ${chord.root}6`);
    case 'minor': {
      const seventh = chord.tones.some(({ degree }) => degree === 'b7');
      if (!seventh) return pool(chord.root, MINOR_SIXTH, `read as ${chord.root}m6`);
      return pool(
        on(moment, 'b3'),
        MAJOR_SIXTH,
        `read as ${on(moment, 'b3')}6, the relative major`,
      );
    }
    case 'half-diminished':
      return pool(on(moment, 'b3'), MINOR_SIXTH, `read as ${on(moment, 'b3')}m6`);
    case 'dominant':
      return pool(on(moment, '5'), MINOR_SIXTH, `read as ${on(moment, '5')}m6 on its fifth`);
    case 'diminished':
    case 'augmented':
    case 'open':
      return [];
  }
}

/**
 * A ii–V as one minor sound, the half-diminished chord as melodic minor on its third.
 * Source: common practice.
 */
export function parentMinor(moment: ReadMoment, before: ReadMoment | undefined): Pool[] {
  const school = 'parent minor';
  switch (moment.class) {
    case 'minor': {
      const tonic = moment.reading.function === 'tonic' && moment.key.mode === 'minor';
      return [
        poolOf(
          moment.chord.root,
          tonic ? 'melodic minor' : 'Dorian',
          'its own minor sound',
          school,
        ),
      ];
    }
    case 'half-diminished':
      return [poolOf(on(moment, 'b3'), 'melodic minor', 'melodic minor on its third', school)];
    case 'dominant':
      return parentOfDominant(moment, before);
    case 'major':
    case 'diminished':
    case 'augmented':
    case 'open':
      return [];
  }
}

function parentOfDominant(moment: ReadMoment, before: ReadMoment | undefined): Pool[] {
  const school = 'parent minor';
  const follows = before && before.root === (moment.root + 7) % 12;
  if (follows && before.class === 'half-diminished') {
    const root = on(before, 'b3');
    return [
      poolOf(
        root,
        'melodic minor',
        `the minor of ${before.chord.symbol}, kept through its V`,
        school,
      ),
    ];
  }
  const own = moment.chord.tones.every(
    ({ degree }) => degree !== 'b9' && degree !== '#9' && degree !== '#5',
  );
  if (!own) {
    const root = spellFrom(moment.chord.root, 1, 1);
    return [
      poolOf(root, 'melodic minor', 'melodic minor a half step up, for an altered V', school),
    ];
  }
  return [poolOf(on(moment, '5'), 'Dorian', 'the minor on its fifth, as over its ii', school)];
}

/** Fewer notes: a pentatonic of the key, of a dominant, or one triad a chord. Source: common practice. */
export function simplePools(moment: ReadMoment): Pool[] {
  const { chord, tonic, key, reading, class: kind } = moment;
  const school = 'simple';
  const pools: Pool[] = [];
  const scale = key.mode === 'minor' ? 'minor pentatonic' : 'major pentatonic';
  if (kind === 'dominant' && reading.role === 'applied dominant') {
    pools.push(
      poolOf(chord.root, 'major pentatonic', 'the pentatonic of each dominant in turn', school),
    );
  }
  pools.push(poolOf(tonic, scale, 'the pentatonic of the key', school));
  if (key.mode === 'major') {
    pools.push(poolOf(tonic, 'minor pentatonic', 'for a blues colour', school));
    pools.push(poolOf(tonic, 'blues', 'for more of it', school));
  }
  if (kind === 'dominant') {
    pools.push(poolOf(chord.root, 'triad', 'its own triad', school));
    pools.push(poolOf(on(moment, '5'), 'minor triad', 'the minor triad on its fifth', school));
  } else if (kind === 'major') {
    pools.push(poolOf(chord.root, 'triad', 'its own triad', school));
  } else if (kind === 'minor') {
    pools.push(poolOf(chord.root, 'minor triad', 'its own triad', school));
  }
  return pools;
}

import { DEGREES, type Degree } from '../../chord/degrees';
import type { ScaleName } from '../../chord/scales';
import { pitchClassOf, spellFrom, type NoteName } from '../../pitch/spelling';
import type { ReadMoment } from '../readings/chartReading';
import { contradictedBy } from '../base/inflections';
import { keyPitches } from '../base/key';
import type { Pool } from '../base/types';
import { holds, poolOf } from './scale';

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
  ): Pool[] =>
    [poolOf(root, scale, as, 'sixth and diminished')].filter((each) => holds(each, chord));
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
      const scales = tonic ? (['melodic minor', 'Dorian'] as const) : (['Dorian'] as const);
      return scales
        .map((scale) => poolOf(moment.chord.root, scale, 'its own minor sound', school))
        .filter((pool) => holds(pool, moment.chord))
        .slice(0, 1);
    }
    case 'half-diminished':
      return [
        poolOf(on(moment, 'b3'), 'melodic minor', 'melodic minor on its third', school),
      ].filter((pool) => holds(pool, moment.chord));
    case 'dominant':
      return parentOfDominant(moment, before);
    case 'major':
    case 'diminished':
    case 'augmented':
    case 'open':
      return [];
  }
}

/** The minor kept from its ii where it does not contradict the chord, else that of its altered scale. */
function parentOfDominant(moment: ReadMoment, before: ReadMoment | undefined): Pool[] {
  const { chord } = moment;
  const school = 'parent minor';
  const halfStepUp = poolOf(
    spellFrom(chord.root, 1, 1),
    'melodic minor',
    'melodic minor a half step up, for an altered V',
    school,
  );
  const follows = before?.root === (moment.root + 7) % 12;
  const kept =
    follows && before.class === 'half-diminished'
      ? poolOf(
          on(before, 'b3'),
          'melodic minor',
          `the minor of ${before.chord.symbol}, kept through its V`,
          school,
        )
      : poolOf(on(moment, '5'), 'Dorian', 'the minor on its fifth, as over its ii', school);
  return [kept, halfStepUp].filter((pool) => holds(pool, chord)).slice(0, 1);
}

/**
 * Fewer notes: a pentatonic of the key, of a dominant, or one triad a chord. Those of the key are left out where they
 * contradict a tone that the chord has from outside it. Source: common practice.
 */
export function simplePools(moment: ReadMoment, before: ReadMoment | undefined): Pool[] {
  return everySimplePool(moment, before).filter((pool) => isTrue(pool, moment));
}

/** A blue third stands over a major one. */
const BLUE: readonly ScaleName[] = ['minor pentatonic', 'blues'];

function isTrue({ scale, notes }: Pool, { chord, key }: ReadMoment): boolean {
  const inKey = keyPitches(key);
  if (chord.tones.every(({ note }) => inKey.has(pitchClassOf(note)))) return true;
  return contradictedBy(chord, notes).every(
    ({ degree, note }) => inKey.has(pitchClassOf(note)) || (degree === '3' && BLUE.includes(scale)),
  );
}

function everySimplePool(moment: ReadMoment, before: ReadMoment | undefined): Pool[] {
  const { chord, tonic, key, reading, class: kind } = moment;
  const school = 'simple';
  const pools: Pool[] = [];
  const scale = key.mode === 'minor' ? 'minor pentatonic' : 'major pentatonic';
  // The last dominant of a cycle is in the key, and belongs to the row all the same.
  const inCycle = before?.class === 'dominant' && before.root === (moment.root + 7) % 12;
  if (kind === 'dominant' && (reading.role === 'applied dominant' || inCycle)) {
    pools.push(
      poolOf(chord.root, 'major pentatonic', 'the pentatonic of each dominant in turn', school),
    );
  }
  pools.push(poolOf(tonic, scale, 'the pentatonic of the key', school));
  if (key.mode === 'major') {
    pools.push(poolOf(tonic, 'minor pentatonic', 'for a blues colour', school));
    pools.push(poolOf(tonic, 'blues', 'for more of it', school));
  } else {
    pools.push(poolOf(tonic, 'blues', 'the blues of the key, over all of ii–V–i', school));
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

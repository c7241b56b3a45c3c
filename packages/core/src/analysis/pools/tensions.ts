import { semitonesOf, type Degree } from '../../chord/degrees';
import { spellTones } from '../../chord/tones';
import type { ChordTone } from '../../chord/types';
import { pitchClassOf, type NoteName } from '../../pitch/spelling';
import { pitchClass } from '../../base/units';
import type { ChordClass } from '../base/chordClass';
import type { ReadMoment } from '../readings/chartReading';
import type { Pool } from '../base/types';

/** What a note of the pool is called above a chord that does not have it. */
const TENSION_AT: Readonly<Record<number, Degree>> = {
  1: 'b9',
  2: '9',
  3: '#9',
  5: '11',
  6: '#11',
  8: 'b13',
  9: '13',
};
/** Half steps above a chord tone that a dominant can hold. Source: common practice. */
const HELD_BY_DOMINANTS = [1, 8];

export interface Colours {
  readonly tensions: readonly ChordTone[];
  readonly avoid: readonly NoteName[];
}

/**
 * The notes of a pool that may be added to a chord, and those to avoid on a long note: a half step above
 * a chord tone, but for b9 and b13 on dominants.
 */
export function coloursOf(moment: ReadMoment, pool: Pool | undefined): Colours {
  const { chord, root } = moment;
  const body = new Set(chord.tones.map(({ degree }) => semitonesOf(degree)));
  const tensions: ChordTone[] = [];
  const avoid: NoteName[] = [];
  for (const note of pool?.notes ?? []) {
    const semitones = pitchClass(pitchClassOf(note) - root) as number;
    if (body.has(semitones)) continue;
    const rubs = body.has(pitchClass(semitones - 1));
    const held = moment.class === 'dominant' && HELD_BY_DOMINANTS.includes(semitones);
    if (rubs && !held) avoid.push(note);
    else tensions.push(...tensionAt(moment, semitones));
  }
  return { tensions, avoid };
}

function tensionAt({ chord, class: kind }: ReadMoment, semitones: number): ChordTone[] {
  const degree = degreeAt(kind, chord.tones, semitones);
  return degree ? spellTones(chord.root, [degree]) : [];
}

function degreeAt(
  kind: ChordClass,
  tones: readonly ChordTone[],
  semitones: number,
): Degree | undefined {
  if (kind === 'diminished' && semitones === 11) return '7';
  const seventh = tones.some(({ degree }) => degree === '7' || degree === 'b7');
  return semitones === 9 && !seventh ? '6' : TENSION_AT[semitones];
}

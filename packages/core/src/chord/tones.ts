import { spellFrom, type NoteName } from '../pitch/spelling';
import { DEGREES, STACKING_ORDER, semitonesOf, type Degree } from './degrees';
import type { ChordDraft } from './draft';
import type { ChordTone } from './types';

const stacked = (degrees: Iterable<Degree>): Degree[] => {
  const present = new Set(degrees);
  return STACKING_ORDER.filter((degree) => present.has(degree));
};

function thirdOf(draft: ChordDraft): Degree[] {
  if (draft.omitted.includes('3') || draft.quality === 'power') return [];
  if (draft.suspension) return [draft.suspension];
  const minor = ['minor', 'diminished', 'half-diminished'].includes(draft.quality ?? '');
  return [minor ? 'b3' : '3'];
}

function fifthsOf(draft: ChordDraft): Degree[] {
  if (draft.alt) return ['b5', '#5'];
  const altered = draft.alterations.filter((degree) => degree === 'b5' || degree === '#5');
  if (altered.length) return altered;
  if (draft.omitted.includes('5')) return [];
  if (draft.quality === 'diminished' || draft.quality === 'half-diminished') return ['b5'];
  return [draft.quality === 'augmented' ? '#5' : '5'];
}

function seventhOf(draft: ChordDraft): Degree[] {
  if (draft.number === '6' || draft.number === '6/9') return ['6'];
  if (draft.majorSeventh === 'triangle') return ['7'];
  if (!draft.number) return draft.quality === 'half-diminished' ? ['b7'] : [];
  if (draft.majorSeventh) return ['7'];
  return [draft.quality === 'diminished' ? 'bb7' : 'b7'];
}

/** A 9, 11 or 13 implies the 9; an 11 is left out of a thirteenth with a major third. */
function extensionsOf(draft: ChordDraft): Degree[] {
  if (draft.alt) return ['b9', '#9'];
  const minor = thirdOf(draft).includes('b3');
  const byNumber: Readonly<Record<NonNullable<ChordDraft['number']>, readonly Degree[]>> = {
    '6': [],
    '6/9': ['9'],
    '7': [],
    '9': ['9'],
    '11': ['9', '11'],
    '13': minor ? ['9', '11', '13'] : ['9', '13'],
  };
  const altered = new Set(draft.alterations.map((degree) => degree.replace(/[b#]/g, '')));
  const implied = draft.number ? byNumber[draft.number] : [];
  return [...implied.filter((degree) => !altered.has(degree)), ...draft.added];
}

const NINTHS_AND_ABOVE: readonly Degree[] = ['b9', '#9', '#11', 'b13'];

/** The degrees a draft stands for, in stacking order. A pitch that two degrees share stands once. */
export function degreesOf(draft: ChordDraft): Degree[] {
  const high = draft.alterations.filter((degree) => NINTHS_AND_ABOVE.includes(degree));
  const all = [
    'R' as const,
    ...thirdOf(draft),
    ...fifthsOf(draft),
    ...seventhOf(draft),
    ...extensionsOf(draft),
    ...high,
  ];
  const seen = new Set<number>();
  return stacked(all).filter((degree) => {
    const pitch = semitonesOf(degree);
    return seen.has(pitch) ? false : seen.add(pitch);
  });
}

/**
 * Spells degrees from a root.
 * @example spellTones('C', ['b3']) // [{ degree: 'b3', note: 'Eb' }]
 */
export function spellTones(root: NoteName, degrees: readonly Degree[]): ChordTone[] {
  return degrees.map((degree) => {
    const { letterSteps, semitones } = DEGREES[degree];
    return { degree, note: spellFrom(root, letterSteps, semitones) };
  });
}

/**
 * The tones that tell the chord, by its degrees. Source: common practice.
 * @example guideTonesOf(['R', '3', '5', 'b7']) // ['3', 'b7']
 */
export function guideTonesOf(degrees: readonly Degree[]): Degree[] {
  const has = (degree: Degree): boolean => degrees.includes(degree);
  const find = (...names: Degree[]): Degree[] => names.filter(has).slice(0, 1);
  if (has('bb7')) return ['b3', 'b5', 'bb7'];
  const third = find('3', 'b3', '4', '2');
  const seventh = find('7', 'b7', '6');
  if (!third.length) return ['R', ...(seventh.length ? seventh : find('5', 'b5', '#5'))];
  return [...third, ...(seventh.length ? seventh : ['R' as const])];
}

import { prettyDegree, semitonesOf, type Degree } from '../../chord/degrees';
import { pitchClass } from '../../base/units';
import { inList, sentence } from '../../base/words';
import { closePositions, drop } from '../base/stacks';
import type { DegreeStack, Voicing } from '../base/types';
import { leaveOut, type DerivationStep, type DerivedNote, type Named } from './derivation';

/**
 * Close position counted from the top, then the counted voices an octave lower, then what a partial form
 * leaves out. `undefined` where no close position gives these pitches, as over a bass of their own.
 */
export function dropSteps(
  voicing: Voicing,
  dropped: readonly number[],
  named: Named,
): DerivationStep[] | undefined {
  const close = closeBefore(voicing, dropped, named);
  if (!close) return undefined;
  const counted = close.map((note, voice) => ({ ...note, count: close.length - voice }));
  const falling = counted.filter(({ count }) => dropped.includes(count)).reverse();
  const fallen = counted
    .map((note): DerivedNote => {
      if (!falling.includes(note)) return note;
      return { ...note, pitch: note.pitch - 12, mark: 'falls' };
    })
    .sort((a, b) => a.pitch - b.pitch);
  const last = leaveOut(fallen, voicing.without ?? []);
  return [
    { kind: 'close', words: 'Close position, counted from the top.', notes: counted },
    { kind: 'drop', words: dropWords(falling), notes: fallen },
    ...(last ? [last] : []),
  ];
}

/** The close position that gives these very pitches when its voices fall and those left out are gone. */
function closeBefore(
  { notes, without = [] }: Voicing,
  dropped: readonly number[],
  named: Named,
): DerivedNote[] | undefined {
  const degrees = [...notes.map(({ degree }) => degree), ...without];
  const [lowest] = notes;
  for (const close of closePositions(degrees)) {
    const base = baseUnder(drop(close, dropped), { notes, without });
    const sameRoot =
      base !== undefined && pitchClass(lowest!.midi - base - semitonesOf(lowest!.degree)) === 0;
    if (!sameRoot) continue;
    return close.tones.map(({ degree, height }) => ({
      pitch: base + height,
      note: named(degree),
      degree,
    }));
  }
  return undefined;
}

/** The pitch of the root over which a stack sounds these notes; none where it is another stack. */
function baseUnder(
  { tones }: DegreeStack,
  { notes, without = [] }: Pick<Voicing, 'notes' | 'without'>,
): number | undefined {
  const left = tones.filter(({ degree }) => !without.includes(degree));
  const base = notes[0]!.midi - left[0]!.height;
  const same = left.every(({ height }, voice) => base + height === notes[voice]?.midi);
  return same && left.length === notes.length ? base : undefined;
}

const ORDINALS = ['', 'first', 'second', 'third', 'fourth', 'fifth'];

function dropWords(notes: readonly { readonly count: number; readonly degree: Degree }[]): string {
  const voices = notes.map(
    ({ count, degree }) => `the ${ORDINALS[count] ?? count} voice (${prettyDegree(degree)})`,
  );
  return sentence([`${inList(voices)} ${notes.length > 1 ? 'fall' : 'falls'} an octave`]);
}

/**
 * How a voicing comes about, step by step, as a player counts it out: the chord as its symbol stacks it;
 * what stands in for what and what is left out; close position counted from the top; what falls an octave;
 * where it lies. Steps in which nothing happens are not there.
 */
import { DEGREES, PLACE_OF, prettyDegree, semitonesOf, type Degree } from '../../chord/degrees';
import type { PitchedChord } from '../../chord/types';
import { spellFrom } from '../../pitch/spelling';
import { pitchClass } from '../../base/units';
import { familyOf } from '../families';
import { sentence } from '../../base/words';
import type { Voicing } from '../base/types';
import { leaveOut, type DerivationStep, type DerivedNote, type Named } from './derivation';
import { dropSteps } from './dropSteps';

/**
 * The steps from a chord to one voicing of it, the last one the voicing itself. A rest has none.
 * @example deriveVoicing(chord, voicing).map((step) => step.words)
 */
export function deriveVoicing(chord: PitchedChord, voicing: Voicing): DerivationStep[] {
  if (!voicing.notes.length) return [];
  const named = namer(chord, voicing);
  const plan = planOf(chord, voicing);
  const stacked = stackedFrom(chord, voicing);
  const exchanged = exchange(stacked, plan, named);
  return [
    { kind: 'chord', words: 'The chord, stacked from its root.', notes: stacked } as const,
    exchanged,
    leaveOut(exchanged?.notes ?? stacked, plan.leftOut),
    ...placed(voicing, named),
  ].filter((step) => step !== undefined);
}

/** What separates the tones of the symbol from those of the voicing. */
interface Plan {
  /** New tones, each with the one whose place it takes, where it takes one. */
  readonly added: readonly { readonly degree: Degree; readonly insteadOf: Degree | undefined }[];
  readonly leftOut: readonly Degree[];
}

function planOf({ tones }: PitchedChord, { notes, without }: Voicing): Plan {
  const written = tones.map(({ degree }) => degree);
  // What only this partial form leaves out is left out last.
  const heard = new Set([...notes.map(({ degree }) => degree), ...(without ?? [])]);
  const gone = written.filter((degree) => !heard.has(degree));
  const fresh = [...heard].filter((degree) => !written.includes(degree));
  const replaced = new Set<Degree>();
  const added = fresh.map((degree) => {
    const insteadOf = gone.find(
      (missing) => PLACE_OF[missing] === PLACE_OF[degree] && !replaced.has(missing),
    );
    if (insteadOf) replaced.add(insteadOf);
    return { degree, insteadOf };
  });
  return { added, leftOut: gone.filter((degree) => !replaced.has(degree)) };
}

function namer({ root, tones }: PitchedChord, { notes }: Voicing): Named {
  const known = new Map([...tones, ...notes].map(({ degree, note }) => [degree, note]));
  return (degree) => {
    const { letterSteps, semitones } = DEGREES[degree];
    return known.get(degree) ?? spellFrom(root, letterSteps, semitones);
  };
}

/** How the tones come to lie: through close position where the family counts it, or as it arranges them. */
function placed(voicing: Voicing, named: Named): DerivationStep[] {
  const { family, notes } = voicing;
  const known = family === 'rest' || family === 'own' ? undefined : familyOf(family);
  const counted = known?.dropped && dropSteps(voicing, known.dropped, named);
  if (counted) return counted;
  const final = notes.map(({ midi, note, degree }) => ({ pitch: midi, note, degree }));
  return [{ kind: 'arrange', words: known?.about ?? 'As you put it together.', notes: final }];
}

/** The chord from a root that lies about where the voicing does. */
function stackedFrom({ tones }: PitchedChord, { notes }: Voicing): DerivedNote[] {
  const heights = tones.map(({ degree }) => semitonesOf(degree) + (isUpper(degree) ? 12 : 0));
  const middle = notes.reduce((sum, note) => sum + note.midi, 0) / notes.length;
  const wanted = middle - heights.reduce((sum, height) => sum + height, 0) / heights.length;
  const anchor = notes.map(({ midi, degree }) => pitchClass(midi - semitonesOf(degree)))[0]!;
  const rootPitch = anchor + 12 * Math.round((wanted - anchor) / 12);
  return rising(
    tones.map(({ degree, note }, at) => ({ pitch: rootPitch + heights[at]!, note, degree })),
  );
}

/** Ninths, elevenths and thirteenths are stacked above the seventh. */
const isUpper = (degree: Degree): boolean => /(9|11|13)$/.test(degree);

function exchange(
  notes: readonly DerivedNote[],
  { added }: Plan,
  named: Named,
): DerivationStep | undefined {
  if (!added.length) return undefined;
  const root = notes[0]!.pitch - semitonesOf(notes[0]!.degree);
  const top = notes.at(-1)!.pitch;
  const fresh = added.map(({ degree, insteadOf }): DerivedNote => {
    const near = notes.find((note) => note.degree === insteadOf)?.pitch ?? top;
    const mark = insteadOf ? 'stands in' : 'added';
    return { pitch: nearest(root + semitonesOf(degree), near), note: named(degree), degree, mark };
  });
  const gone = new Set(added.map(({ insteadOf }) => insteadOf));
  const kept = notes.filter(({ degree }) => !gone.has(degree));
  const words = added.map(({ degree, insteadOf }) =>
    insteadOf
      ? `${prettyDegree(degree)} stands for ${prettyDegree(insteadOf)}`
      : `${prettyDegree(degree)} is added`,
  );
  return { kind: 'exchange', words: sentence(words), notes: rising([...kept, ...fresh]) };
}

const nearest = (pitch: number, near: number): number =>
  pitch + 12 * Math.round((near - pitch) / 12);

const rising = (notes: readonly DerivedNote[]): DerivedNote[] =>
  [...notes].sort((a, b) => a.pitch - b.pitch);

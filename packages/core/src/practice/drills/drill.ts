/**
 * A drill asks for one thing at a time, without end and never the same twice in a row; the same seed asks the same
 * questions. What is answered is judged against the right answer: in notes by pitch, so that any spelling will do, a grip
 * by how much farther it lies than the nearest.
 */
import { chanceFrom } from '../../comp/base/chance';
import { semitonesOf, type Degree } from '../../chord/degrees';
import { pitchClassOf, type NoteName } from '../../pitch/spelling';
import type { Voicing } from '../../voicing/base/types';
import { guideTonesOfChord } from '../layers/tones';
import type { Measured } from '../schedule/grades';
import { halfSteps } from './motion';
import { MAKERS, sameChord, type Chance } from './questions';
import type { Answer, DrillId, DrillMaterial, Question } from './types';

/** Some material has few questions of a kind, and chance must find them. */
const TRIES = 60;

/**
 * The questions of a drill, one after the other; none where the material has none of its kind. Where it has only one,
 * that is asked again.
 */
export function drill(
  id: DrillId,
  material: DrillMaterial,
  seed: number,
): () => Question | undefined {
  const { next } = chanceFrom(seed);
  const chance: Chance = (below) => Math.floor(next() * below);
  let before: string | undefined;
  return () => {
    let found: Question | undefined;
    for (let attempt = 0; attempt < TRIES; attempt += 1) {
      const question = MAKERS[id](material, chance);
      if (!question) continue;
      found = question;
      if (question.key !== before) break;
    }
    before = found?.key;
    return found;
  };
}

/** How far an answer is right; one of another kind is wrong. */
export function judge(question: Question, answer: Answer): Measured {
  switch (question.drill) {
    case 'name the degree':
    case 'what is on top':
      return whole('degree' in answer && sameDegree(question.answer, answer.degree));
    case 'spell the chord':
    case 'find the guide tones':
      return { right: 'notes' in answer ? overlap(question.answer, answer.notes) : 0 };
    case 'which voice was dropped':
    case 'which voice moved':
      return whole('voices' in answer && sorted(question.answer) === sorted(answer.voices));
    case 'from numbers': {
      if (!('symbols' in answer)) return whole(false);
      const right = question.answer.filter((symbol, at) =>
        sameChord(symbol, answer.symbols[at] ?? ''),
      );
      return { right: right.length / question.answer.length };
    }
    case 'nearest next grip':
      return 'grip' in answer ? nearness(question, answer.grip) : whole(false);
  }
}

const whole = (right: boolean): Measured => ({ right: right ? 1 : 0 });
const sorted = (voices: readonly number[]): string => [...voices].sort((a, b) => a - b).join();

/** Degrees of one pitch are one answer: a b5 is a #11. */
const sameDegree = (a: Degree, b: Degree): boolean => (semitonesOf(a) - semitonesOf(b)) % 12 === 0;

/** Notes that are in both, over all that are in either. */
function overlap(wanted: readonly NoteName[], given: readonly NoteName[]): number {
  const [right, all] = [new Set(wanted.map(pitchClassOf)), new Set(given.map(pitchClassOf))];
  const both = [...all].filter((pitch) => right.has(pitch)).length;
  return both / new Set([...right, ...all]).size;
}

/** A grip that tells the chord is right, and measured by its detour; with one half step more, for none is the least. */
function nearness({ from, chord, least }: NearestGrip, grip: Voicing): Measured {
  const sounding = new Set(grip.notes.map(({ note }) => pitchClassOf(note)));
  const allowed = new Set(
    [...chord.tones.map(({ degree }) => degree), ...(chord.tensions ?? [])].map(
      (degree) => (pitchClassOf(chord.root) + semitonesOf(degree)) % 12,
    ),
  );
  const told = guideTonesOfChord(chord).every(({ note }) => sounding.has(pitchClassOf(note)));
  if (!told || [...sounding].some((pitch) => !allowed.has(pitch))) return whole(false);
  return { right: 1, detour: (halfSteps(from, grip) + 1) / (least + 1) };
}

type NearestGrip = Extract<Question, { drill: 'nearest next grip' }>;

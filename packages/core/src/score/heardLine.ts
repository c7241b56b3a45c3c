import { midi, ticks } from '../base/units';
import type { SoloLine, SoloNote } from '../comp/solo/types';
import type { Score } from './types';

const VELOCITY = 84;

/** The first voice of a score as a line that can be heard: notes that are tied on sound once. A pickup begins below 0. */
export function heardLine({ measures, parts }: Score): SoloLine {
  const start = measures.find(({ number }) => number > 0)?.at ?? 0;
  const notes: SoloNote[] = [];
  parts[0]?.measures.forEach(({ voices }, at) => {
    for (const { at: place, value, notes: own } of voices[0]?.moments ?? []) {
      const from = measures[at]!.at + place - start;
      for (const { midi: pitch, tiedFrom } of own) {
        const held = tiedFrom
          ? notes.findIndex((each) => each.midi === pitch && endOf(each) === from)
          : -1;
        const last = notes[held];
        if (last) notes[held] = { ...last, length: ticks(last.length + value.length) };
        else {
          notes.push({
            ...{ midi: midi(pitch), at: ticks(from), length: value.length, velocity: VELOCITY },
          });
        }
      }
    }
  });
  return { notes, written: true };
}

const endOf = ({ at, length }: SoloNote): number => at + length;

import { midi, ticks } from '../base/units';
import type { SoloLine, SoloNote } from '../comp/solo/types';
import type { Score } from './types';

const VELOCITY = 84;

/**
 * The first part of a score as it is heard, written straight: notes that are tied on sound once, tab says nothing that its
 * staff does not, slashes are silent. A pickup begins below 0.
 */
export function heardLine({ measures, parts }: Score): SoloLine {
  const start = measures.find(({ number }) => number > 0)?.at ?? 0;
  const notes: SoloNote[] = [];
  const [part] = parts;
  part?.measures.forEach(({ voices }, at) => {
    const sounding = voices.filter(({ staff }) => part.staves[staff] !== 'tab');
    const moments = sounding.flatMap((voice) => voice.moments);
    for (const { at: place, value, notes: own, slashed } of moments) {
      if (slashed) continue;
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

import { harmonise, scaleRun } from '../harmonise';
import { UNDER, type Under } from '../harmoniseTypes';
import { sixthAndDiminished } from '../sixth';
import { inARow } from '../parts';
import type { DeviceOffer, DevicePlace, MovementDevice } from '../types';

/** Block chords under a line: every note of it stays on top. Source: common practice. */
export const harmonisedLine: MovementDevice = {
  id: 'harmonised line',
  label: 'Block chords under a line',
  about: 'Chord tones of the line on the sixth chord, the notes between on the diminished one.',
  group: 'a line',
  level: 2,
  offers: (place) => {
    const { here, window, line, under = [] } = place;
    const reading = sixthAndDiminished(here.chord);
    if (!reading || here.length < 2) return [];
    const notes = Math.max(2, Math.round(here.length * 2));
    const lines: Line[] = [
      ['scale going up', scaleRun(reading, window, notes, 1), []],
      ['scale coming down', scaleRun(reading, window, notes, -1), []],
      ...(line?.length ? ownLines(line, under) : []),
    ];
    return lines
      .filter(([, pitches]) => pitches.length > 1)
      .map(([variant, pitches, choices]) => offer(place, variant, pitches, choices));
  },
};

type Line = readonly [variant: string, pitches: readonly number[], under: readonly Under[]];

const OWN = 'your line';
const ACCENTS = `${OWN}, chords on the accents only`;

/** A line of the player's own: as it suits, with chords on the beats only, and as it was chosen note by note. */
function ownLines(line: readonly number[], under: readonly Under[]): Line[] {
  const accents = line.map((_, at): Under => (at % 2 === 0 ? 'by itself' : 'alone'));
  return [
    [OWN, line, []],
    [ACCENTS, line, accents],
    ...(under.length ? [[chosenVariant(under), line, under] as const] : []),
  ];
}

/** A letter for each choice, so that a saved line is known by what was chosen. */
const LETTERS: Readonly<Record<Under, string>> = {
  'by itself': '-',
  diminished: 'd',
  slid: 's',
  alone: 'n',
};

const chosenVariant = (under: readonly Under[]): string =>
  `${OWN}, as chosen: ${under.map((each) => LETTERS[each]).join('')}`;

/** What was chosen note by note, out of the variant of an applied line. */
export function chosenIn(variant: string): Under[] {
  const letters = /, as chosen: (.+)$/.exec(variant)?.[1] ?? '';
  return Array.from(letters).map(
    (letter) => UNDER.find((each) => LETTERS[each] === letter) ?? 'by itself',
  );
}

function offer(
  { here }: DevicePlace,
  variant: string,
  line: readonly number[],
  under: readonly Under[],
): DeviceOffer {
  const each = here.length / line.length;
  return {
    device: 'harmonised line',
    variant,
    label: variant.replace(/: .*$/, ''),
    why: 'Every note of the line stays on top; the chord keeps the chord tones.',
    covers: 1,
    chords: inARow(harmonise(here.chord, line, under).map((part) => [part, each])),
  };
}

import {
  isFretted,
  plainSpelling,
  prettyNote,
  type Instrument,
  type Voicing,
} from '@drop-close/core';

const plainName = (note: string): string => prettyNote(plainSpelling(note));

/** A grip in one line: frets from the lowest string to the highest, or the notes from the lowest. */
export function gripText(
  { notes }: Voicing,
  instrument: Instrument,
  nameOf: (note: string) => string = plainName,
): string {
  if (!isFretted(instrument)) {
    return notes.map(({ note }) => nameOf(note)).join(' ');
  }
  const strings = instrument.tuning.length;
  const frets = Array.from({ length: strings }, (_, at) => {
    const fret = notes.find(({ string }) => string === strings - at)?.fret;
    return fret === undefined ? 'x' : String(fret);
  });
  return frets.join(frets.some((fret) => fret.length > 1) ? '-' : '');
}

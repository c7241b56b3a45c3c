import type { MidiData, MidiEvent } from 'midi-file';

/** More tracks than any band; the others are passed over. */
export const MOST_TRACKS = 64;

/** What is in the file and was not taken, in words. */
export function skippedIn({ tracks }: MidiData): string[] {
  const events = tracks.flat();
  const count = (type: MidiEvent['type']): number =>
    events.filter((event) => event.type === type).length;
  const tempos = events.filter(
    (event) => event.type === 'setTempo' && event.microsecondsPerBeat > 0,
  ).length;
  const stopped = events.some(
    (event) => event.type === 'setTempo' && event.microsecondsPerBeat === 0,
  );
  const said: (readonly [boolean, string])[] = [
    [
      tracks.length > MOST_TRACKS,
      `Only the first ${MOST_TRACKS} of ${tracks.length} tracks were read.`,
    ],
    [tempos > 1, `${tempos - 1} changes of tempo: the line follows the tempo of the tune.`],
    [stopped, 'A tempo of 0 makes no sense and was passed over.'],
    [count('pitchBend') > 0, `${count('pitchBend')} bends of pitch.`],
    [count('controller') > 0, `${count('controller')} movements of pedals and wheels.`],
    [count('lyrics') > 0, `${count('lyrics')} words of a lyric.`],
  ];
  return said.flatMap(([is, sentence]) => (is ? [sentence] : []));
}

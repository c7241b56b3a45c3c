/**
 * Line and chords in one pair of hands. On keys the left hand has shells under the line. On strings one hand does
 * both: a chord may ring under the line only while its grip leaves the fingers and a string for what the line
 * plays, else it is let go when the line begins. Source: common practice.
 */
import { midi, ticks, type Ticks } from '../base/units';
import type { Rule } from '../connect/base/types';
import type { SoloNote } from '../comp/solo/types';
import { openPitches, fretsLeft } from '../voicing/strings/geometry';
import type {
  FamilyId,
  Fretted,
  Instrument,
  PitchRange,
  VoicedNote,
  Voicing,
} from '../voicing/base/types';
import { isFretted, playingOf } from '../voicing/playingOf';
import type { SoundingHit } from '../comp/base/sounding';
import type { Hit } from '../comp/base/types';

/** What a left hand plays under a line. */
const LEFT_HAND: readonly FamilyId[] = ['shell', 'guide'];

/** What holds at every chord while the other hand plays the line; nothing on strings, where it is the same hand. */
export const leftHandRule = (instrument: Instrument): Rule | undefined =>
  isFretted(instrument) ? undefined : { families: LEFT_HAND };

/** The lowest note of a right hand over a left hand's shells: below it they would meet. Source: our own judgement. */
const RIGHT_HAND_LOW = 65;
const RIGHT_HAND_HIGH = 91;

/** Where a line lies that is played over one's own chords. */
export function lineRange(instrument: Instrument): PitchRange {
  const { range } = playingOf(instrument);
  if (isFretted(instrument)) return range;
  return {
    low: Math.max(range.low, RIGHT_HAND_LOW),
    high: Math.min(range.high, RIGHT_HAND_HIGH),
  };
}

/** When the line needs the hand that holds a hit, from the beginning of bar 1. */
export function lineNeedsHand(
  sounding: readonly SoundingHit[],
  path: readonly Voicing[],
  line: readonly SoloNote[],
  instrument: Instrument,
): Map<Hit, Ticks> {
  const needed = new Map<Hit, Ticks>();
  if (!isFretted(instrument)) return needed;
  for (const { hit, at, end, chord } of sounding) {
    const grip = path[chord]!;
    const stopped = line.find(
      (note) =>
        note.at < end && note.at + note.length > at && !playsOver(grip, note.midi, instrument),
    );
    if (stopped) needed.set(hit, ticks(Math.max(at, stopped.at)));
  }
  return needed;
}

/** Whether a note can be played on a string that a held grip leaves free, by a finger that it leaves free. */
export function playsOver(grip: Voicing, pitch: number, instrument: Fretted): boolean {
  if (!grip.notes.length) return true;
  const playing = playingOf(instrument);
  const strings = openPitches(instrument);
  const held = new Set(grip.notes.map(({ string }) => string));
  return strings.some((open, index) => {
    const string = strings.length - index;
    const fret = pitch - open;
    if (held.has(string) || fret < 0 || fret > fretsLeft(instrument)) return false;
    const added: VoicedNote = { midi: midi(pitch), degree: 'R', note: '', string, fret };
    const notes = [...grip.notes, added].sort((a, b) => a.midi - b.midi);
    const { ease } = playing.hold({ family: 'own', notes, ease: 'easy' });
    return ease !== 'out of reach';
  });
}

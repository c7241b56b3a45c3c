/** A melody or solo over its chords, each note with its degree; swing that was played is written straight. */
import { analyzeChart } from '../analysis/analyzeChart';
import { melodyChords, tellMelody, type ToldNote } from '../analysis/melody';
import { offbeatAt } from '../band/swing';
import { ticks } from '../base/units';
import { timeline, type ChartEvent } from '../chart/timeline';
import { DEGREES } from '../chord/degrees';
import { inTicks, TICKS_PER_QUARTER } from '../comp/base/time';
import type { SoloLine } from '../comp/solo/types';
import { plainSpelling, spellFrom, type NoteName } from '../pitch/spelling';
import { pitchName } from '../voicing/base/pitchName';
import { lineSheet, type SheetNote, type SheetTune } from './documents';
import type { ReaderId } from './readers';
import type { Score } from './types';

/** Swing in percent, as a band plays it. */
const WHOLE_SWING = 100;

export interface SheetSolo {
  readonly name: string;
  readonly line: SoloLine;
}

/**
 * As many choruses as the line lasts.
 * @param told whether each note has its degree; a melody to be sung or played has none
 */
export function soloSheet(
  tune: SheetTune,
  { name, line }: SheetSolo,
  reader?: ReaderId,
  told = true,
): Score {
  const inKey = { ...tune.chart, header: { ...tune.chart.header, key: tune.key } };
  const { events, length } = timeline(inKey);
  const straight = straightened(line, tune);
  const end = Math.max(0, ...straight.map(({ at }) => at + 1));
  const times = Math.max(1, Math.ceil(end / Math.max(1, inTicks(length))));
  const once = melodyChords(events, analyzeChart(inKey).chords);
  const chords = Array.from({ length: times }, (_, time) =>
    once.map((each) => ({ ...each, at: each.at + time * length, end: each.end + time * length })),
  ).flat();
  const heard = tellMelody(
    straight.map(({ midi, at, length: long }) => ({
      ...{ midi, at: at / TICKS_PER_QUARTER, length: long / TICKS_PER_QUARTER },
    })),
    chords,
  );
  const notes = straight.map((note, at): SheetNote => {
    const own = heard[at]!;
    const event = own.chord === undefined ? undefined : events[own.chord % events.length];
    return {
      ...note,
      note: nameOn(event, own, note.midi),
      ...(told && own.degree !== undefined && { degree: own.degree }),
    };
  });
  return lineSheet(tune, name, notes, reader, times);
}

/** As its chord spells it. */
function nameOn(event: ChartEvent | undefined, { degree }: ToldNote, pitch: number): NoteName {
  if (event?.chord.kind !== 'chord' || degree === undefined) {
    return pitchName(pitch).replace(/-?\d+$/, '');
  }
  const { letterSteps, semitones } = DEGREES[degree];
  return plainSpelling(spellFrom(event.chord.root, letterSteps, semitones));
}

/** Swung eighths that were played come to lie on the half of their beat. */
function straightened({ notes, written }: SoloLine, { feel, tempo }: SheetTune) {
  const half = offbeatAt(feel, tempo, WHOLE_SWING);
  const straight = (at: number): number => {
    const beat = Math.floor(at / TICKS_PER_QUARTER);
    const part = at / TICKS_PER_QUARTER - beat;
    const moved = part < half ? (part * 0.5) / half : 0.5 + ((part - half) * 0.5) / (1 - half);
    return Math.round((beat + moved) * TICKS_PER_QUARTER);
  };
  return [...notes]
    .sort((a, b) => a.at - b.at)
    .map(({ midi, at, length }) => {
      if (written) return { midi, at, length };
      const from = straight(at);
      return { midi, at: ticks(from), length: ticks(Math.max(1, straight(at + length) - from)) };
    });
}

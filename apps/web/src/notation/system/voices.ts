import type { Moment, Score, ScoreMeasure, ScorePart, WrittenNote } from '@drop-close/core';
import {
  Accidental,
  Beam,
  Dot,
  Formatter,
  GhostNote,
  Metrics,
  type RenderContext,
  type Stave,
  StaveNote,
  type StemmableNote,
  TabNote,
  Tuplet,
  Voice,
} from 'vexflow/bravura';
import { keyOfNote } from '../keys';
import { spread, type Spot } from './makeRoom';
import type { Segment } from './segments';
import { drawTies } from './ties';
import type { DrawnMeasure, Engraved, OpenTies } from './types';

const DURATIONS = {
  ...{ whole: 'w', half: 'h', quarter: 'q', eighth: '8', '16th': '16', '32nd': '32' },
} as const;
const REST_KEYS = { treble: 'b/4', bass: 'd/3', tab: 'b/4' } as const;
/** After the last note of a bar, and the least a bar has, in pixels. */
const NOTE_MARGIN = 18;
const LEAST_ROOM = 40;
/** A sign stands so far over its head, in pixels. */
const SIGN_UP = 10;
/** A bracket's number stands so far over it. */
const TUPLET_UP = 6;
const QUARTER = 480;

/**
 * Draws the voices of a bar.
 * @param segments what the bar needs from chord to chord
 * @returns what is drawn for the first voice, where moments stand, and how high and how low the notes of the first staff reach
 */
export function drawVoices(
  context: RenderContext,
  { key }: Score,
  part: ScorePart,
  position: number,
  { meter, length }: ScoreMeasure,
  segments: readonly Segment[],
  staves: readonly Stave[],
  ties: OpenTies,
): Pick<DrawnMeasure, 'spots' | 'highest' | 'lowest'> & { readonly first: readonly Engraved[] } {
  const made = part.measures[position]!.voices.map(({ staff, moments }) => {
    const engraved = moments.map((moment) => ({ moment, note: noteOf(part, staff, moment) }));
    const voice = new Voice({ numBeats: meter.beats, beatValue: meter.unit });
    voice.setMode(Voice.Mode.SOFT).addTickables(engraved.map(({ note }) => note));
    const isTab = part.staves[staff] === 'tab';
    if (!isTab) Accidental.applyAccidentals([voice], key);
    return { staff, isTab, engraved, voice, beams: isTab ? [] : beamsOf(engraved, meter) };
  });
  const formatter = new Formatter();
  for (const { voice } of made) formatter.joinVoices([voice]);
  const [upper] = staves;
  const room = upper!.getNoteEndX() - upper!.getNoteStartX() - NOTE_MARGIN;
  for (const stave of staves) stave.setNoteStartX(upper!.getNoteStartX());
  formatter.format(
    made.map(({ voice }) => voice),
    Math.max(LEAST_ROOM, room),
  );
  const left = upper!.getNoteStartX() + (Metrics.get('Stave.padding', 0) as number);
  const spots = standApart(
    made.flatMap(({ engraved }) => engraved),
    segments,
    {
      at: length,
      x: upper!.getNoteEndX() - left,
    },
  );
  let [highest, lowest] = [Infinity, -Infinity];
  for (const { staff, isTab, engraved, voice, beams } of made) {
    const tuplets = isTab ? [] : tupletsOf(engraved);
    voice.draw(context, staves[staff]);
    for (const each of [...beams, ...tuplets]) each.setContext(context).draw();
    if (!isTab) drawTies(context, staff, engraved, ties);
    if (staff === 0) {
      const brackets = tuplets.map((each) => each.getYPosition() - TUPLET_UP);
      highest = Math.min(highest, ...engraved.map(({ note }) => topOf(note)), ...brackets);
      lowest = Math.max(lowest, ...engraved.map(({ note }) => footOf(note)));
    }
  }
  return {
    first: made[0]?.engraved ?? [],
    spots: spots.map(({ at, x }) => ({ at, x: x + left })),
    highest,
    lowest,
  };
}

/** Notes are spaced by their length; where that leaves a chord symbol too little room, they are moved. @returns where moments stand then */
function standApart(
  engraved: readonly Engraved[],
  segments: readonly Segment[],
  end: Spot,
): readonly Spot[] {
  const contexts = new Map(
    engraved.map(({ moment, note }) => [note.checkTickContext(), moment.at as number]),
  );
  const spots = [...contexts].map(([context, at]) => ({ at, x: context.getX() }));
  const spaced = spread([...spots.sort((a, b) => a.at - b.at), end], segments);
  for (const context of contexts.keys()) context.setX(spaced.move(context.getX()));
  return spaced.spots;
}

function topOf(note: StemmableNote): number {
  if (!(note instanceof StaveNote) || note.isRest()) return Infinity;
  const isSigned = note.getModifiersByType(Accidental.CATEGORY).length > 0;
  const heads = Math.min(...note.getYs()) - (isSigned ? SIGN_UP : 0);
  return note.hasStem() ? Math.min(heads, note.getStemExtents().topY) : heads;
}

function footOf(note: StemmableNote): number {
  if (!(note instanceof StaveNote) || note.isRest()) return -Infinity;
  const heads = Math.max(...note.getYs());
  return note.hasStem() ? Math.max(heads, note.getStemExtents().topY) : heads;
}

function noteOf(part: ScorePart, staff: number, moment: Moment): StemmableNote {
  const clef = part.staves[staff]!;
  const { value, notes, wholeBar, slashed } = moment;
  const [duration, { dots }] = [DURATIONS[value.base], value];
  if (clef === 'tab') return tabOf(moment, duration);
  if (!notes.length) {
    const keys = [REST_KEYS[clef]];
    const isCentred = !!wholeBar;
    const rest = new StaveNote({
      keys,
      duration: `${duration}r`,
      clef,
      dots,
      alignCenter: isCentred,
    });
    if (dots) Dot.buildAndAttach([rest], { all: true });
    return rest;
  }
  const keys = notes.map((each) => keyOfNote(written(each, part)));
  const drawn = slashed ? `${duration}s` : duration;
  const note = new StaveNote({ keys, duration: drawn, clef, dots, autoStem: true });
  for (let dot = 0; dot < dots; dot += 1) Dot.buildAndAttach([note], { all: true });
  return note;
}

/** A note that is tied on is struck once, and so is its number. */
function tabOf({ value: { dots }, notes }: Moment, duration: string): StemmableNote {
  const positions = notes.flatMap(({ string, fret, tiedFrom }) =>
    string === undefined || fret === undefined || tiedFrom ? [] : [{ str: string, fret }],
  );
  return positions.length
    ? new TabNote({ positions, duration, dots })
    : new GhostNote({ duration, dots });
}

const written = ({ midi, note }: WrittenNote, { writtenAbove }: ScorePart) => ({
  name: note,
  midi: midi + writtenAbove,
});

function beamsOf(engraved: readonly Engraved[], { beats, unit }: ScoreMeasure['meter']): Beam[] {
  const notes = engraved.map(({ note }) => note);
  return Beam.generateBeams(notes, { groups: Beam.getDefaultBeamGroups(`${beats}/${unit}`) });
}

/** Runs of triplet values that fill a quarter together. */
function tupletsOf(engraved: readonly Engraved[]): Tuplet[] {
  const tuplets: Tuplet[] = [];
  let run: StemmableNote[] = [];
  let filled = 0;
  for (const { moment, note } of engraved) {
    if (!moment.value.triplet) continue;
    run.push(note);
    filled += moment.value.length;
    if (filled < QUARTER) continue;
    tuplets.push(new Tuplet(run, { numNotes: 3, notesOccupied: 2 }));
    [run, filled] = [[], 0];
  }
  return tuplets;
}

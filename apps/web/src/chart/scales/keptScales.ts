import {
  openFrom,
  openKey,
  pitchClassOf,
  scaleHolds,
  scaleLine,
  scaleOver,
  type ChartAnalysis,
  type ChartEvent,
  type KeptScale,
  type OpenScale,
  type PitchedChord,
  type Pool,
  type ScaleOver,
  type School,
  type SoloLine,
} from '@drop-close/core';

/** What is kept for one chord, or let go. */
export interface ToKeep {
  readonly at: number;
  readonly symbol: string;
  readonly open: OpenScale | undefined;
}

/** A pool of a chord's panel as it is kept. */
export const openOf = (pool: Pool, chord: PitchedChord): OpenScale =>
  openFrom(pool.root, pool.scale, chord);

export const isKept = (kept: KeptScale | undefined, pool: Pool, chord: PitchedChord): boolean =>
  !!kept && openKey(kept) === openKey(openOf(pool, chord));

/** The first pool of a school for every chord of some bars that it says anything of. */
export function firstOfSchool(
  events: readonly ChartEvent[],
  { chords }: ChartAnalysis,
  school: School,
  { fromBar, toBar }: { readonly fromBar: number; readonly toBar: number },
): ToKeep[] {
  return events.flatMap(({ chord, bar }, at): ToKeep[] => {
    const pool = chords[at]?.scales.find((each) => each.school === school);
    if (chord.kind !== 'chord' || !pool || bar < fromBar || bar > toBar) return [];
    return [{ at, symbol: chord.symbol, open: openOf(pool, chord) }];
  });
}

/** A chord with the scale that is kept for it, where it still goes over it. */
export interface ScaleRow {
  readonly at: number;
  readonly event: ChartEvent;
  readonly chord: PitchedChord;
  readonly scale: ScaleOver | undefined;
}

/**
 * One row for each chord of a chorus; what is kept for a chord that is another by now is not shown.
 * @param shown the same chords as a reader's part has them
 */
export const scaleRows = (
  shown: readonly ChartEvent[],
  kept: readonly KeptScale[],
  events: readonly ChartEvent[],
): ScaleRow[] =>
  shown.flatMap((event, at): ScaleRow[] => {
    const { chord } = event;
    if (chord.kind !== 'chord') return [];
    const own = kept.find((each) => each.at === at && scaleHolds(each, events[at]!.chord));
    return [{ at, event, chord, scale: own && scaleOver(chord, own) }];
  });

/** Where a horn would play: from the A below middle C. */
const RANGE = { low: 57, high: 79 };

/** The scales that are kept, in eighths up and down over their chords; nothing where none is. */
export function lineOver(rows: readonly ScaleRow[], above: number): SoloLine | undefined {
  const stretches = rows.flatMap(({ event: { at, length }, scale }) =>
    scale
      ? [
          {
            at,
            length,
            pitches: scale.notes.map((note) => pitchClassOf(note)),
          },
        ]
      : [],
  );
  if (!stretches.length) return undefined;
  const range = { low: RANGE.low + above, high: RANGE.high + above };
  const notes = scaleLine(stretches, range).map((note) => ({
    ...note,
    midi: (note.midi - above) as typeof note.midi,
  }));
  return { notes, written: true };
}

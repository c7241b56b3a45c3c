/** What stands over the bars of a score: of a chart as it is written, repeats and all, or as it is played. */
import { ticks } from '../base/units';
import { barMeters, quartersInBar, slotStarts } from '../chart/meter';
import type { Timeline } from '../chart/timeline';
import type { Bar, Chart, Meter } from '../chart/types';
import { directionOf, isCodaSection } from '../chart/words';
import { inTicks, TICKS_PER_QUARTER } from '../comp/base/time';
import { quarters } from '../base/units';
import type { ScoreChord, ScoreEnding, ScoreMeasure } from './types';

/** The bars as they are written. A bar that repeats the one before has its chords again. */
export function writtenFrame(chart: Chart): ScoreMeasure[] {
  const meters = barMeters(chart);
  const bars = chart.sections.flatMap(({ name, bars: own }) =>
    own.map((bar, at) => ({ bar, ...(at === 0 && name !== undefined && { section: name }) })),
  );
  const first = chart.header.pickup === undefined ? 1 : 0;
  let at = 0;
  let chords: readonly ScoreChord[] = [];
  return bars.map(({ bar, section }, position) => {
    const meter = meters[position]!;
    const length = inTicks(quartersInBar(meter));
    const isAgain = bar.slots[0]?.kind === 'repeat bar';
    chords = isAgain ? chords : chordsOf(bar, meter);
    const measure: ScoreMeasure = {
      ...{ number: position + first, at: ticks(at), length, chords },
      meter: position + first === 0 ? inForce(chart, bar) : meter,
      ...(section !== undefined && { section }),
      ...withCoda(said(bar), section),
      ...{ repeatStart: bar.repeatStart, repeatEnd: bar.repeatEnd },
      ...endingOf(
        bars.map((each) => each.bar),
        position,
      ),
    };
    at += length;
    return measure;
  });
}

/** The bars as they are played, repeats written out. */
export function playedFrame({ bars, events }: Timeline): ScoreMeasure[] {
  const start = bars[0]?.at ?? 0;
  return bars.map(({ bar, number, meter, at, section }) => ({
    ...{ number, at: inTicks(quarters(at - start)), length: inTicks(quartersInBar(meter)) },
    // A pickup is a bar of the meter that follows, of which only the end is played.
    meter: number === 0 ? (bars[1]?.meter ?? meter) : meter,
    chords: events
      .filter((event) => event.bar === number && !event.part)
      .map(({ chord, at: chordAt }) => ({ at: inTicks(quarters(chordAt - at)), chord })),
    ...(section !== undefined && { section }),
    ...{ words: said(bar).words, directions: [], repeatStart: false, repeatEnd: false },
  }));
}

/** A pickup is a bar of the meter in force, of which only the end is played. */
const inForce = (chart: Chart, { meter }: Bar): Meter => meter ?? chart.meter;

function chordsOf({ slots }: Bar, { beats, unit }: Meter): ScoreChord[] {
  const { starts } = slotStarts(Math.max(1, slots.length), beats);
  const beat = (4 * TICKS_PER_QUARTER) / unit;
  return slots.flatMap((slot, at) =>
    slot.kind === 'chord' ? [{ at: ticks(Math.round(starts[at]! * beat)), chord: slot.chord }] : [],
  );
}

/** Words are directions or remarks. */
function said({ words = [] }: Bar): Pick<ScoreMeasure, 'words' | 'directions'> {
  return {
    words: words.filter((each) => !directionOf(each)),
    directions: words.flatMap((each) => directionOf(each) ?? []),
  };
}

/** A section of that name is the coda where no bar says so. */
function withCoda(
  { words, directions }: Pick<ScoreMeasure, 'words' | 'directions'>,
  section: string | undefined,
): Pick<ScoreMeasure, 'words' | 'directions'> {
  const isCoda = isCodaSection(section) && !directions.some(({ kind }) => kind === 'coda');
  return { words, directions: isCoda ? [{ kind: 'coda' }, ...directions] : directions };
}

/** An ending lasts until the next one begins, or its repeat ends. */
function endingOf(bars: readonly Bar[], at: number): { readonly ending?: ScoreEnding } {
  let begun = at;
  while (begun >= 0 && bars[begun]!.ending === undefined) {
    if (begun < at && bars[begun]!.repeatEnd) return {};
    begun -= 1;
  }
  const number = bars[begun]?.ending;
  if (number === undefined || bars.slice(begun, at).some(({ repeatEnd }) => repeatEnd)) return {};
  const isLast = !bars.slice(begun).some(({ repeatEnd }) => repeatEnd);
  // The last ending is closed by nothing: it stands over its first bar.
  if (isLast && begun < at) return {};
  const ends = isLast || bars[at]!.repeatEnd || bars[at + 1]?.ending !== undefined;
  return { ending: { number, begins: begun === at, ends } };
}

/** Choruses one after the other; a pickup comes once. */
export function severalTimes(measures: readonly ScoreMeasure[], times: number): ScoreMeasure[] {
  const chorus = measures.filter(({ number }) => number > 0);
  const [first, last] = [chorus[0], chorus.at(-1)];
  if (!first || !last) return [...measures];
  const length = last.at + last.length - first.at;
  const again = Array.from({ length: Math.max(0, times - 1) }, (_, time) =>
    chorus.map((each) => ({
      ...each,
      number: each.number + (time + 1) * chorus.length,
      at: ticks(each.at + (time + 1) * length),
    })),
  );
  return [...measures, ...again.flat()];
}

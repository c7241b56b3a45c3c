import { fail, ok, type Result } from '../base/result';
import { layLicks, type Caller, type LaidLick, type LickPlace } from '../comp/licks/layLicks';
import { readLick } from '../comp/licks/readLick';
import type { Lick, ReadLick } from '../comp/licks/types';
import type { Decision } from '../comp/solo/leaveRoom';
import type { SoloLine } from '../comp/solo/types';
import type { Hit } from '../comp/base/types';
import { FOUR_FOUR } from '../chart/meter';
import { countedBars } from '../chart/timeline';
import { pitchClassOf } from '../pitch/spelling';
import { quarters } from '../base/units';
import { compOwnLine } from './behind';
import { settledInstrument } from './compose';
import type { Composition } from './composition';
import { swungLine } from './lines';
import { lineRange } from './ownLine';

export interface LayOverRequest {
  readonly licks: readonly Lick[];
  readonly calls: Caller;
  readonly place: LickPlace;
  /** Any integer; the same one lays the same. */
  readonly seed: number;
}

/** Licks over every chorus, with what the chords play. */
export interface LaidOver {
  readonly line: SoloLine;
  readonly hits: readonly Hit[];
  readonly decisions: readonly Decision[];
  /** Of one chorus. */
  readonly laid: readonly LaidLick[];
  /** Why licks were left out, a sentence for each. */
  readonly leftOut: readonly string[];
}

/** Licks of the player over the choruses with chords in the gaps, by the same hands; or why not, for the player. */
export function layOver(
  { chorus, request, offbeat }: Composition,
  { licks, calls, place, seed }: LayOverRequest,
): Result<LaidOver, string> {
  const { timeline } = chorus;
  const meter = countedBars(timeline)[0]?.meter ?? FOUR_FOUR;
  const read: ReadLick[] = [];
  const unread: string[] = [];
  for (const lick of licks) {
    const one = readLick(lick, meter);
    if (one.ok) read.push(one.value);
    else unread.push(`“${lick.name}”, ${one.problem.part}: ${one.problem.message}`);
  }
  if (!read.length && unread[0]) return fail(unread[0]);
  const home = pitchClassOf(chorus.analysis.homeKey.split(' ')[0] ?? 'C');
  const range = lineRange(settledInstrument(request));
  const laid = layLicks({ timeline, meter, licks: read, home, range, calls, place, seed });
  if (!laid.ok) return laid;
  const { notes, hits } = laid.value;
  const line: SoloLine = { notes, written: true };
  const times = request.comp.plan.length;
  const all = { length: quarters(timeline.length * times), bars: timeline.bars };
  const heard = swungLine(line, timeline, all, offbeat);
  const made = compOwnLine(
    { ...request, line: heard },
    everyTime(hits, countedBars(timeline).length, times),
  );
  const leftOut = [...unread, ...laid.value.leftOut];
  return ok({
    ...{ line, hits: made.comp.hits, decisions: made.decisions },
    ...{ laid: laid.value.laid, leftOut },
  });
}

/** The hits of one chorus in each of several. */
const everyTime = (hits: readonly Hit[], bars: number, times: number): Hit[] =>
  Array.from({ length: times }, (_, time) =>
    hits.map((hit) => ({ ...hit, bar: hit.bar + time * bars })),
  ).flat();

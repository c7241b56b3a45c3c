import {
  copyBar,
  heldFor,
  hitAt,
  layPattern,
  lengthenHit,
  moveHit,
  nudgeHit,
  swelled,
  withHit,
  withoutHit,
  EIGHTH,
  HOLDS,
  TICKS_PER_QUARTER,
  TOUCHES,
  ticks,
  type AppliedDevice,
  type Comp,
  type CompBehind,
  type Hit,
  type LaidOver,
  type LayOverRequest,
  type Loudness,
  type Pattern,
  type Result,
  type Scope,
  type Timeline,
} from '@drop-close/core';
import { tuneNow, useDocument } from '../../document/store';
import { engine } from '../../engine/client';
import { useCompositionStore } from '../../engine/useComposition';
import { askNow } from './askNow';
import { withAllApplied, withApplied, withoutApplied } from './devices';
import type { HitPlace } from './hits';
import type { BarAndBeat } from '../../place/selection';
import { useCompDesk } from './useCompDesk';

const compNow = (): Comp | undefined => tuneNow()?.setup.comp;

/** One edit of the comping; edits of one `what` made without a pause are undone together. */
export function changeComp(change: Partial<Comp>, what?: string): void {
  const action = { type: 'comp', change } as const;
  useDocument.getState().dispatch(what === undefined ? action : { ...action, what });
}

function changeHits(edit: (hits: readonly Hit[]) => readonly Hit[], what?: string): void {
  const comp = compNow();
  if (comp) changeComp({ hits: edit(comp.hits) }, what);
}

const inHand = (): HitPlace | undefined => useCompDesk.getState().hit;

const take = (hit: HitPlace | undefined): void => {
  useCompDesk.setState({ hit });
};

/** A hit as it is put in by hand: an eighth, short. */
export const plainHit = ({ bar, at }: HitPlace): Hit => ({
  bar,
  at,
  length: EIGHTH,
  hold: 'short',
  touch: 'plain',
  accent: false,
});

const next = <T>(items: readonly T[], item: T): T =>
  items[(items.indexOf(item) + 1) % items.length]!;

/** Takes in what the engine has done, with its reasons. */
function takeIn(made: CompBehind | undefined): void {
  if (!made) return;
  const { hits, devices } = made.comp;
  changeComp({ hits, devices });
  useCompDesk.setState({ decisions: made.decisions, hit: undefined });
}

/** What a hand does on the Comp screen. */
export const compActions = {
  /** The eighth at which a beat of a bar stands. */
  placeOf: ({ bar, beat }: BarAndBeat, { bars }: Timeline): HitPlace | undefined => {
    const meter = bars.find(({ number }) => number === bar)?.meter;
    return meter && { bar, at: nearestEighth(((beat - 1) * 4 * TICKS_PER_QUARTER) / meter.unit) };
  },
  put: (hit: Hit): void => {
    changeHits((hits) => withHit(hits, hit));
    take({ bar: hit.bar, at: hit.at });
  },
  remove: (place: HitPlace | undefined = inHand()): void => {
    if (!place) return;
    changeHits((hits) => withoutHit(hits, place));
    take(undefined);
  },
  /** Puts a hit in, or takes out the one that is there. */
  toggle: (place: HitPlace): void => {
    if (hitAt(compNow()?.hits ?? [], place)) compActions.remove(place);
    else compActions.put(plainHit(place));
  },
  move: (from: HitPlace, to: HitPlace): void => {
    changeHits((hits) => moveHit(hits, from, to), 'drag');
    take(to);
  },
  nudge: (eighths: number): void => {
    const place = inHand();
    const { composed } = useCompositionStore.getState();
    const comp = compNow();
    if (!place || !composed || !comp) return;
    const nudged = nudgeHit(comp.hits, place, eighths, composed.timeline);
    changeComp({ hits: nudged.hits }, 'nudge');
    take(nudged.place);
  },
  lengthen: (eighths: number, place: HitPlace | undefined = inHand()): void => {
    if (place) changeHits((hits) => lengthenHit(hits, place, eighths), 'lengthen');
  },
  /** Changes the hit in hand. */
  change: (change: Partial<Hit>): void => {
    const place = inHand();
    const hit = place && hitAt(compNow()?.hits ?? [], place);
    if (hit) changeHits((hits) => withHit(hits, { ...hit, ...change }));
  },
  nextHold: (): void => {
    const hit = hitInHand();
    if (hit) compActions.change({ hold: next(HOLDS, hit.hold) });
  },
  nextTouch: (): void => {
    const hit = hitInHand();
    if (hit) compActions.change({ touch: next(TOUCHES, hit.touch) });
  },
  accent: (): void => {
    const hit = hitInHand();
    if (hit) compActions.change({ accent: !hit.accent });
  },
  /** The hit in hand louder or softer beside its neighbours. */
  loudness: (loudness: Loudness): void => {
    compActions.change({ loudness });
  },
  louder: (by: 1 | -1): void => {
    const hit = hitInHand();
    if (!hit) return;
    const loudness = Math.min(5, Math.max(1, (hit.loudness ?? 3) + by)) as Loudness;
    compActions.loudness(loudness);
  },
  /** From the hit in hand to the end of some bar, louder or softer from hit to hit. */
  swell: (toBar: number, way: 'louder' | 'softer'): void => {
    const place = inHand();
    if (!place) return;
    changeHits((hits) => swelled(hits, place, toBar, way));
    useCompDesk.setState({ toHear: { fromBar: place.bar, toBar } });
  },
  /** The hit in hand held so long, what follows moved along, and heard with its next bar. */
  holdFor: (beats: number): void => {
    const place = inHand();
    const { composed } = useCompositionStore.getState();
    if (!place || !composed) return;
    const length = ticks(beats * TICKS_PER_QUARTER);
    changeHits((hits) => heldFor(hits, place, length, composed.timeline), 'hold');
    const last = composed.timeline.bars.at(-1)?.number ?? place.bar;
    useCompDesk.setState({
      toHear: { fromBar: place.bar, toBar: Math.min(last, place.bar + 1) },
    });
  },
  copyBar: (from: number, to: number): void => {
    changeHits((hits) => copyBar(hits, from, to));
  },
  clearBars: (from: number, to: number): void => {
    changeHits((hits) => hits.filter(({ bar }) => bar < from || bar > to));
  },
  lay: (pattern: Pattern, from: number, to: number): void => {
    changeHits((hits) => {
      const others = hits.filter(({ bar }) => bar < from || bar > to);
      return layPattern(pattern, from, to).reduce<readonly Hit[]>(withHit, others);
    });
  },
  /** Hits and devices for the whole plan; each time others. */
  playSet: async (): Promise<void> => {
    const { seed } = useCompDesk.getState();
    useCompDesk.setState({ filling: true });
    try {
      takeIn(await askNow(({ id }) => engine.playSet(id, seed)));
    } finally {
      useCompDesk.setState({ filling: false, seed: seed + 1 });
    }
  },
  mend: async (bar: number): Promise<void> => {
    takeIn(await askNow(({ id }) => engine.mendBar(id, bar)));
  },
  /** Licks over the choruses: a line to be kept, and what the chords play with it; or why not. */
  layLicks: (request: LayOverRequest): Promise<Result<LaidOver, string> | undefined> =>
    askNow(({ id }) => engine.layLicks(id, request)),
  apply: (device: AppliedDevice): void => {
    const comp = compNow();
    if (comp) changeComp({ devices: withApplied(comp.devices, device) });
    useCompDesk.setState({ trying: undefined });
  },
  /** A device applied at every chord of its bar or section that it fits. */
  applyOver: async (device: AppliedDevice, scope: Scope): Promise<void> => {
    const over = await askNow(({ id }) => engine.spread(id, device, scope));
    const comp = compNow();
    if (!comp || !over) return;
    changeComp({ devices: withAllApplied(comp.devices, over) });
    useCompDesk.setState({ trying: undefined });
  },
  unapply: (device: AppliedDevice): void => {
    const comp = compNow();
    if (comp) changeComp({ devices: withoutApplied(comp.devices, device) });
  },
};

const hitInHand = (): Hit | undefined => {
  const place = inHand();
  return place && hitAt(compNow()?.hits ?? [], place);
};

/** The eighth nearest to a moment of a bar. */
export const nearestEighth = (at: number) => ticks(Math.round(at / EIGHTH) * EIGHTH);

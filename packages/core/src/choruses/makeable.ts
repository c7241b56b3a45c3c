import { parseChord } from '../chord/parseChord';
import type { Connector } from '../connect/connect';
import type { ConnectSettings } from '../connect/base/types';
import type { Chord } from '../chord/types';
import type { DeviceChord, DeviceOffer, MovedChord } from '../movement/types';
import type { Voicing } from '../voicing/base/types';
import { sounds, topOf } from '../connect/keeping';
import { stepped } from '../voicing/stepped';
import { deviceVoicing } from './deviceVoicing';

/** Where an offer would stand, and what it would be voiced with. */
export interface MakingPlace {
  readonly whole: readonly DeviceChord[];
  /** Position of its first chord among the whole ones. */
  readonly at: number;
  readonly connector: Connector;
  readonly settings: ConnectSettings;
  /** The voicing that is locked at a whole chord. */
  readonly lockAt?: (at: number) => Voicing | undefined;
}

/**
 * Whether an offer can keep what it says under some settings: whether every chord it asks something of has a voicing
 * that is so, the chord it leads into among them, the notes it gives can be played, and a note that is to stay on top
 * can be on top of each of them.
 */
export function isMakeable(offer: DeviceOffer, place: MakingPlace): boolean {
  return leads(offer, place) && canPlayNotes(offer, place) && hasVoicings(offer, place);
}

/** Whether the chord after it has a grip as the device asks; its lock, if it has one. */
function leads({ leadsInto, covers }: DeviceOffer, place: MakingPlace): boolean {
  if (!leadsInto) return true;
  const { whole, connector, settings, lockAt } = place;
  const next = (place.at + covers) % whole.length;
  const lock = lockAt?.(next);
  const grips = lock ? [lock] : connector.voicingsOf(whole[next]!.chord, settings);
  return grips.some(fitting(leadsInto, settings));
}

function canPlayNotes({ chords, covers }: DeviceOffer, place: MakingPlace): boolean {
  const { whole, at, settings } = place;
  const written = whole.slice(at, at + covers).map(({ chord }) => chord);
  const context = { instrument: settings.instrument, voicingAt: () => undefined };
  return chords.every((moved) => {
    if (moved.madeFrom?.kind !== 'notes') return true;
    const chord = chordOf(moved, written);
    const voicing = chord?.kind === 'chord' && deviceVoicing(chord, moved.madeFrom, context);
    return voicing && voicing.ease !== 'out of reach';
  });
}

function hasVoicings(
  { chords, covers }: DeviceOffer,
  { whole, at, connector, settings }: MakingPlace,
): boolean {
  const written = whole.slice(at, at + covers).map(({ chord }) => chord);
  let held: ReadonlySet<number> | undefined;
  for (const moved of chords) {
    if (!moved.steps && !moved.tops && !moved.bottoms && !moved.degrees) continue;
    const chord = chordOf(moved, written);
    const list = chord ? connector.voicingsOf(chord, settings, moved.families) : [];
    const fits = fitting(moved, settings);
    if (moved.top !== 'hold') {
      if (list.some(fits)) continue;
      return false;
    }
    const tops = new Set(list.filter(fits).map(topOf));
    held = held ? new Set([...held].filter((pitch) => tops.has(pitch))) : tops;
    if (!held.size) return false;
  }
  return true;
}

/** A chord that keeps its symbol is the one of the chart, with what is opened over it. */
function chordOf({ symbol }: MovedChord, written: readonly Chord[]): Chord | undefined {
  const own = written.find((chord) => chord.symbol === symbol);
  if (own) return own;
  const read = parseChord(symbol);
  return read.ok ? read.value : undefined;
}

/** Whether a voicing is as a device asks; what is quickly seen first. */
function fitting(
  { steps, tops, bottoms, degrees }: Partial<MovedChord>,
  { instrument }: ConnectSettings,
) {
  return (voicing: Voicing): boolean =>
    (!tops || tops.includes(topOf(voicing))) &&
    (!bottoms || bottoms.includes(voicing.notes[0]?.midi ?? -1)) &&
    (!degrees || sounds(voicing, degrees)) &&
    (!steps || steps.every((each) => stepped(voicing, each, instrument)));
}

import { parseChord } from '../chord/parseChord';
import type { Connector } from '../connect/connect';
import type { ConnectSettings } from '../connect/base/types';
import type { Chord } from '../chord/types';
import type { DeviceChord, DeviceOffer, MovedChord } from '../movement/types';
import type { Voicing } from '../voicing/base/types';
import { stepped } from '../voicing/stepped';

/** Where an offer would stand, and what it would be voiced with. */
export interface MakingPlace {
  readonly whole: readonly DeviceChord[];
  /** Position of its first chord among the whole ones. */
  readonly at: number;
  readonly connector: Connector;
  readonly settings: ConnectSettings;
}

/**
 * Whether an offer can keep what it says under some settings: whether every chord it asks something of has a voicing
 * that is so, and a note that is to stay on top can be on top of each of them.
 */
export function isMakeable(
  { chords, covers }: DeviceOffer,
  { whole, at, connector, settings }: MakingPlace,
): boolean {
  const written = whole.slice(at, at + covers).map(({ chord }) => chord);
  let held: ReadonlySet<number> | undefined;
  for (const moved of chords) {
    if (!moved.steps && !moved.tops && !moved.degrees) continue;
    const chord = chordOf(moved, written);
    const kept = chord ? voicingsFor(moved, chord, connector, settings) : [];
    if (!kept.length) return false;
    if (moved.top !== 'hold') continue;
    const tops = new Set(kept.map(({ notes }) => notes.at(-1)!.midi as number));
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

/** What of a chord's voicings is as a device asks. */
function voicingsFor(
  { families, steps, tops, degrees }: MovedChord,
  chord: Chord,
  connector: Connector,
  settings: ConnectSettings,
): readonly Voicing[] {
  const asked: ConnectSettings = families
    ? { ...settings, families, voices: 'family', strings: [] }
    : settings;
  return connector
    .voicingsOf(chord, asked)
    .filter(
      ({ notes }) =>
        (!tops || tops.includes(notes.at(-1)?.midi ?? -1)) &&
        (!degrees ||
          (notes.length === degrees.length &&
            notes.every(({ degree }) => degrees.includes(degree)))),
    )
    .filter(
      (voicing) => !steps || steps.every((each) => stepped(voicing, each, settings.instrument)),
    );
}

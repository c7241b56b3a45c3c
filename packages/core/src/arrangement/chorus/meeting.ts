import type { Connector } from '../../connect/connect';
import { resolutionsOf } from '../../connect/explain/resolutions';
import type { Connected, ConnectSettings } from '../../connect/base/types';
import type { Voicing } from '../../voicing/base/types';
import type { Chorus } from './chorus';
import type { Arrangement } from '../stored/types';
import { voicedWith } from './voiceChorus';

/** A chorus as an arrangement voices it. */
export interface VoicedWhole {
  readonly chorus: Chorus;
  readonly settings: ConnectSettings;
  readonly arrangement: Arrangement;
  readonly outcome: Connected;
}

/** A voicing with which a change meets all its resolutions, and what it costs the whole chorus more. */
export interface Meeting {
  /** The chord at which another voicing does it. */
  readonly index: number;
  readonly voicing: Voicing;
  /** In semitone equivalents. */
  readonly extra: number;
}

/** Alternatives of either chord of a change that are tried. */
const TRIED = 12;

/** Of the nearest alternatives at a change the cheapest with which all its resolutions are met. */
export function cheapestMeeting(
  connector: Connector,
  { chorus, settings, arrangement, outcome }: VoicedWhole,
  at: number,
): Meeting | undefined {
  const { chords } = chorus;
  let best: Meeting | undefined;
  for (const index of [at, (at + 1) % chords.length]) {
    for (const { voicing } of outcome.alternatives(index, TRIED)) {
      const taken = voicedWith(connector, chorus, settings, arrangement, index, voicing);
      if (taken.status !== 'found') continue;
      const extra = taken.total - outcome.total;
      if (extra >= (best?.extra ?? Infinity) || !meetsAll(taken, chords, at)) continue;
      best = { index, voicing, extra };
    }
  }
  return best;
}

function meetsAll({ path, changes }: Connected, chords: Chorus['chords'], at: number): boolean {
  const change = changes[at];
  if (!change) return true;
  const { from, to } = change;
  const asked = resolutionsOf(change, [path[from]!, path[to]!], [chords[from]!, chords[to]!]);
  return asked.every(({ met }) => met);
}

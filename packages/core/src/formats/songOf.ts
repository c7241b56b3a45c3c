import { quarters } from '../base/units';
import type { Chorus } from '../arrangement/chorus/chorus';
import { partSound } from '../band/sounds';
import { PARTS, type BandPlan } from '../band/types';
import type { Timeline } from '../chart/timeline';
import type { Feel } from '../chart/types';
import { inTicks } from '../comp/base/time';
import type { InstrumentId } from '../voicing/base/instruments';
import { bandOf, type Composition } from '../choruses/composition';
import type { MidiNote, MidiSong } from './midi/types';

export interface SongRequest {
  readonly title: string;
  readonly tempo: number;
  /** `Eb` or `Cm`. */
  readonly key: string;
  readonly feel?: Feel;
  readonly timeline: Timeline;
  readonly plan: BandPlan;
  readonly sections: readonly { readonly name: string; readonly fromBar: number }[];
  readonly instrument: InstrumentId;
}

/** What is played, as a Standard MIDI File holds it. A pickup comes first, in a bar of its own. */
export function songOf({
  title,
  tempo,
  key,
  feel,
  timeline,
  plan,
  sections,
  instrument,
}: SongRequest): MidiSong {
  const shift = plan.pickup;
  const tick = (time: number): number => Math.max(0, inTicks(quarters(time + shift)));
  const barAt = new Map(timeline.bars.map(({ number, at }) => [number, at]));
  const parts = PARTS.filter(
    (part) => part !== 'click' && plan.notes.some((note) => note.part === part),
  );
  return {
    title,
    tempo,
    key,
    ...(feel && { feel }),
    meters: metersOf(timeline, shift),
    sections: sections.map(({ name, fromBar }) => ({
      at: tick(barAt.get(fromBar) ?? 0),
      text: name,
    })),
    chords: timeline.events.map(({ at, chord }) => ({ at: tick(at), text: chord.symbol })),
    tracks: parts.map((part) => {
      const { name, channel, program } = partSound(part, instrument);
      const notes = plan.notes.filter((note) => note.part === part);
      const placed = notes.map(({ midi, at, length, velocity }): MidiNote => {
        const begin = tick(at);
        return { midi, at: begin, length: Math.max(1, tick(at + length) - begin), velocity };
      });
      return {
        ...{ name, channel, program },
        notes: apart(placed),
      };
    }),
  };
}

/** A file cannot hold two notes of one pitch at once: the earlier one ends where the later begins. */
function apart(notes: readonly MidiNote[]): MidiNote[] {
  const sorted = [...notes].sort((a, b) => a.at - b.at || a.midi - b.midi);
  return sorted.flatMap((note, position) => {
    const next = sorted.slice(position + 1).find(({ midi }) => midi === note.midi);
    const length = next ? Math.min(note.length, next.at - note.at) : note.length;
    return length > 0 ? [{ ...note, length }] : [];
  });
}

function metersOf({ bars }: Timeline, pickup: number): MidiSong['meters'] {
  const meters: { at: number; meter: { beats: number; unit: number } }[] = [];
  for (const { at, meter, number } of bars) {
    const shown =
      number === 0
        ? { beats: Math.max(1, Math.round(pickup * (meter.unit / 4))), unit: meter.unit }
        : meter;
    const before = meters.at(-1)?.meter;
    if (before?.beats === shown.beats && before.unit === shown.unit) continue;
    meters.push({
      at: inTicks(quarters(number === 0 ? 0 : at + pickup)),
      meter: { beats: shown.beats, unit: shown.unit },
    });
  }
  return meters;
}

/** A tune comped from beginning to end as a song. @param key as it is stored, should the tune have no chord */
export function songOfComposition(composition: Composition, title: string, key: string): MidiSong {
  const { composed, question, chorus } = composition;
  const { timeline } = composed.choruses;
  return songOf({
    title,
    tempo: question.tempo,
    key: chorus.timeline.events.length ? homeKeyOf(chorus, key) : key,
    feel: question.feel,
    timeline,
    plan: bandOf(composition, { ends: true }),
    sections: composed.sections,
    instrument: question.setup.instrument,
  });
}

/** The key the tune is in, short: `Eb` or `Cm`. */
function homeKeyOf({ analysis }: Chorus, fallback: string): string {
  const [tonic, mode] = analysis.homeKey.split(' ');
  return tonic ? `${tonic}${mode === 'minor' ? 'm' : ''}` : fallback;
}

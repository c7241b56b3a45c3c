/**
 * How loud each part is made. Problem: a comp of four hits a bar is louder than one of two, an acoustic bass in two softer than
 * one that walks, brushes softer than sticks; the band shall be as loud in every tune, and its parts in the same balance. What a
 * part comes to is foretold from how much of the time its notes ring (the energy of notes that do not belong together adds up),
 * measured once for each sound; the rest is subtraction. Where strokes die away before the next, as on a ukulele in a slow tune,
 * the comp by itself is judged by its strokes alone but adds less to the whole, so that all is made louder. How hard notes are struck is left out, so that soft choruses stay soft.
 * Cost: once over the notes. Source: loudness as in ITU-R BS.1770; levels and ringing times fitted to renders of the demo tunes
 * on every instrument, which they foretell within 1 dB; the balance wanted is our own.
 */
import type { InstrumentId } from '../../voicing/base/instruments';
import type { BandPlan, Kit, Part, PlannedNote } from '../types';

/** Gains in decibels, 0 with the channel of the part fully open. */
export type Mix = Readonly<Record<Part, number>>;

interface Sound {
  /** In LUFS, when it rings all the time with its channel fully open. */
  readonly level: number;
  /** How long a note rings, in seconds, if nobody ends it; 0: a stroke counts as one, however long. */
  readonly rings: number;
  /** After how many seconds a stroke adds nothing more to the band. Default: it lasts until the next. */
  readonly fades?: number;
  /** How much louder a soloist is made beside it, in decibels. Default 0. */
  readonly soloMore?: number;
}

const COMP: Readonly<Record<InstrumentId, Sound>> = {
  guitar: { level: -30.1, rings: 0.8 },
  ukulele: { level: -33.9, rings: 3, fades: 1, soloMore: 0.6 },
  keyboard: { level: -27.1, rings: 1.2 },
};
const BASS: Sound = { level: -22.1, rings: 0.5 };
const SOLO: Sound = { level: -22.1, rings: 5 };
const DRUMS: Readonly<Record<Kit, Sound>> = {
  sticks: { level: -36.8, rings: 0 },
  brushes: { level: -41.3, rings: 0 },
};

/** The band as its channels play it has room above it; all of it is made so much louder, in decibels. */
export const BAND_GAIN_DB = 12.6;

/** How loud the band is all together, in LUFS, before `BAND_GAIN_DB`; and its parts beside the comp. */
const WHOLE = -30.6;
const BESIDE_COMP = { comp: 0, bass: -2, drums: -5.5, solo: 1 } as const;
type Mixed = keyof typeof BESIDE_COMP;
const MIXED: readonly Mixed[] = ['comp', 'bass', 'drums', 'solo'];

/** How much of the time a part rings in a usual chorus; so is taken what is too short to tell. */
const USUAL: Readonly<Record<Mixed, number>> = { comp: 1.5, bass: 0.6, drums: 4, solo: 0.75 };
const FEWEST_NOTES = 12;
const SHORTEST_S = 8;

const NOTHING_LOST: Readonly<Record<Mixed, number>> = { comp: 1, bass: 1, drums: 1, solo: 1 };

/** The click is no part of the balance: it is heard over a band, and its stroke is sharp. */
const CLICK = -16;

/** What each part of a plan is made louder by, at a tempo in quarter notes a minute. */
export function mixOf(plan: BandPlan, tempo: number, instrument: InstrumentId): Mix {
  const sounds = {
    comp: COMP[instrument],
    bass: BASS,
    drums: DRUMS[plan.kit ?? 'sticks'],
    solo: SOLO,
  };
  const heard = MIXED.filter((part) => plan.notes.some((note) => note.part === part));
  // A comp by itself is as loud as it is in a band.
  const together = new Set<Mixed>(['comp', 'bass', 'drums', ...heard]);
  const added = { ...NOTHING_LOST, comp: shareHeard(plan, tempo, sounds.comp) };
  const sum = [...together].reduce(
    (all, part) => all + added[part] * 10 ** (BESIDE_COMP[part] / 10),
    0,
  );
  const comp = WHOLE - 10 * Math.log10(sum);
  const beside = { ...BESIDE_COMP, solo: BESIDE_COMP.solo + (sounds.comp.soloMore ?? 0) };
  const gains = MIXED.map((part): readonly [Part, number] => {
    const own = sounds[part].level + 10 * Math.log10(ringing(plan, part, tempo, sounds[part]));
    return [part, comp + beside[part] - own];
  });
  return Object.fromEntries([...gains, ['click', CLICK]]) as Record<Part, number>;
}

/** How much of the time strokes of the comp add to the band, 0..1. */
function shareHeard(plan: BandPlan, tempo: number, { fades }: Sound): number {
  if (fades === undefined) return 1;
  const own = plan.notes.filter((note) => note.part === 'comp');
  const span = (spanOf(own) * 60) / tempo;
  if (own.length < FEWEST_NOTES || span < SHORTEST_S) return 1;
  const strokes = new Set(own.map(({ at }) => at)).size;
  return Math.min(1, (fades * strokes) / span);
}

/** From where the first note begins to where the last one ends, in quarters. */
function spanOf(notes: readonly PlannedNote[]): number {
  const first = notes[0]?.at ?? 0;
  return notes.reduce((latest, { at, length }) => Math.max(latest, at + length), first) - first;
}

/** How much of the time the notes of a part ring, all together; of strokes how many there are in a second. */
function ringing(plan: BandPlan, part: Mixed, tempo: number, { rings }: Sound): number {
  const second = 60 / tempo;
  const own = plan.notes.filter((note) => note.part === part);
  const span = spanOf(own) * second;
  if (own.length < FEWEST_NOTES || span < SHORTEST_S) return USUAL[part];
  const sounded = own.reduce(
    (all, { length }) => all + (rings ? rings * (1 - Math.exp((-length * second) / rings)) : 1),
    0,
  );
  return sounded / span;
}

/** Volume of a channel that opens it so far, 0..127, from a gain in decibels. Source: General MIDI 2, 40 log10(v / 127). */
export const channelVolume = (gainDb: number): number =>
  Math.max(0, Math.min(127, Math.round(127 * 10 ** (gainDb / 40))));

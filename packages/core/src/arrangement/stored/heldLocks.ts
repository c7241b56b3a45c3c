import { semitonesOf, type Degree } from '../../chord/degrees';
import { parseChord } from '../../chord/parseChord';
import { tensionsOf } from '../../chord/tensions';
import type { Chord, PitchedChord } from '../../chord/types';
import { pitchClassOf } from '../../pitch/spelling';
import { pitchClass } from '../../base/units';
import { playingOf } from '../../voicing/playingOf';
import { degreeAt, materialOf } from '../../voicing/base/material';
import { noteName } from '../../voicing/sheet/readPlayed';
import type { Instrument, VoicedNote, Voicing } from '../../voicing/base/types';
import { defaultInstruments } from '../../voicing/data';
import { instrumentOf } from './defaults';
import type { Arrangement, LineNote, Lock } from './types';

/** Why a lock does not hold at its chord as it is now. */
export type WhyNotHeld = 'the chord has changed' | 'it cannot be played here';

export type HeldLock =
  | { readonly held: true; readonly voicing: Voicing }
  | { readonly held: false; readonly why: WhyNotHeld };

/**
 * A lock as it is played at its chord now. In another key it is the same grip along the neck (on keys the
 * same shape), or the same notes in another place. Under another symbol it holds where its notes still
 * read as the chord: all of them belong to it, and no more guide tones are missing than before.
 */
export function heldLock(lock: Lock, chord: Chord, instrument: Instrument): HeldLock {
  const { voicing, moved = 0 } = lock;
  if (chord.kind === 'no chord') return { held: false, why: 'the chord has changed' };
  if (!moved && chord.symbol === lock.symbol) {
    const sounds = voicing.notes.every(playingOf(instrument).sounds);
    return sounds ? { held: true, voicing } : CANNOT_BE_PLAYED;
  }
  const before = parseChord(lock.symbol);
  const same = before.ok && isMoved(before.value, chord, moved);
  const read = same ? voicing : readAs(voicing, chord, before.ok ? before.value : undefined, moved);
  if (!read) return { held: false, why: 'the chord has changed' };
  const named = read.notes.map((note) => ({ ...note, note: noteName(chord, note.degree) }));
  const placed = playingOf(instrument).moved({ ...read, notes: named }, moved);
  return placed ? { held: true, voicing: placed } : CANNOT_BE_PLAYED;
}

const CANNOT_BE_PLAYED: HeldLock = { held: false, why: 'it cannot be played here' };

/** Whether a wanted top note holds: over the chord it was wanted for, or over another it belongs to. */
export function topNoteHolds({ midi: pitch, symbol, moved = 0 }: LineNote, chord: Chord): boolean {
  if (chord.kind === 'no chord') return false;
  if (!moved && chord.symbol === symbol) return true;
  const before = parseChord(symbol);
  if (before.ok && isMoved(before.value, chord, moved)) return true;
  const ownColours = before.ok && sameRoot(before.value, chord, moved);
  return belongs(chord, pitch - pitchClassOf(chord.root), ownColours);
}

/** The same chord so many half steps higher, its root spelled anyhow. */
function isMoved(from: Chord, to: PitchedChord, by: number): boolean {
  const degrees = ({ tones }: Chord): string => tones.map(({ degree }) => degree).join(' ');
  return sameRoot(from, to, by) && degrees(from) === degrees(to);
}

const sameRoot = (from: Chord, to: PitchedChord, by: number): boolean =>
  from.kind === 'chord' && pitchClass(pitchClassOf(from.root) + by) === pitchClassOf(to.root);

/** A voicing with the degrees that another chord gives its notes; `undefined` where it is not that chord. */
function readAs(
  voicing: Voicing,
  chord: PitchedChord,
  before: Chord | undefined,
  moved: number,
): Voicing | undefined {
  const root = pitchClassOf(chord.root);
  const heights = voicing.notes.map((note) => note.midi + moved - root);
  const ownColours = before !== undefined && sameRoot(before, chord, moved);
  if (!heights.every((height) => belongs(chord, height, ownColours))) return undefined;
  const material = materialOf(chord, EVERYTHING);
  const degrees = heights.map((height) => degreeAt(material, height));
  const lacked = before?.kind === 'chord' ? missing(before, voicing.notes) : [];
  const notes = voicing.notes.map((note, voice) => ({ ...note, degree: degrees[voice]! }));
  if (missing(chord, notes).length > lacked.length) return undefined;
  const { inversion, without, ...rest } = voicing;
  return { ...rest, notes };
}

const EVERYTHING = {
  room: { roots: true, others: { bass: true, soloist: false, chords: false } },
  tensions: 'available',
} as const;

const missing = (
  { guideTones }: PitchedChord,
  notes: readonly Pick<VoicedNote, 'degree'>[],
): readonly Degree[] =>
  guideTones.filter((degree) => !notes.some((note) => note.degree === degree));

/** Colours that any dominant may take, whatever its key. Source: common practice. */
const OF_DOMINANTS: readonly Degree[] = ['b9', '9', '#9', '#11', 'b13', '13'];

/**
 * A tone of the chord or one of its usual tensions; on a dominant that keeps its root also a colour the
 * player had there, where the symbol does not contradict it.
 */
function belongs(chord: PitchedChord, height: number, ownColours: boolean): boolean {
  const tones = chord.tones.map(({ degree }) => degree);
  const isDominant = tones.includes('3') && tones.includes('b7');
  const { tensions: ofItsPlace, ...plain } = chord;
  const tensions = isDominant && ownColours ? { tensions: OF_DOMINANTS } : {};
  const colours = tensionsOf(chord.opened ? chord : { ...plain, ...tensions });
  const above = pitchClass(height) as number;
  return [...tones, ...colours].some((degree) => semitonesOf(degree) === above);
}

/** Locks of the instrument in hand: those that hold as they are played now, and those that do not. */
export interface HeldLocks {
  readonly held: readonly { readonly at: number; readonly voicing: Voicing }[];
  readonly fallen: readonly { readonly lock: Lock; readonly why: WhyNotHeld }[];
}

/**
 * Locks that do not hold – made on another tuning, say, or for a chord that is another by now – are kept
 * with the arrangement and hold again when they can.
 * @param chords of the chorus, parts of split ones counted
 */
export function heldLocks(
  arrangement: Arrangement,
  chords: readonly Chord[],
  instruments = defaultInstruments,
): HeldLocks {
  const instrument = instrumentOf(arrangement, instruments);
  const held: { at: number; voicing: Voicing }[] = [];
  const fallen: { lock: Lock; why: WhyNotHeld }[] = [];
  for (const lock of arrangement.locks[arrangement.instrument]) {
    const chord = chords[lock.at];
    if (!chord) continue;
    const outcome = heldLock(lock, chord, instrument);
    if (outcome.held) held.push({ at: lock.at, voicing: outcome.voicing });
    else fallen.push({ lock, why: outcome.why });
  }
  return { held, fallen };
}

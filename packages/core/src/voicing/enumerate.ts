import type { Chord, PitchedChord } from '../chord/types';
import { pitchClassOf } from '../pitch/spelling';
import { impossible } from '../result';
import { midi } from '../units';
import { familyOf } from './families';
import { gripsOf, type Grip } from './guitar/grips';
import { splitHands } from './keyboard/hands';
import type {
  DegreeStack,
  FamilyId,
  Instrument,
  VoicedNote,
  Voicing,
  VoicingSettings,
} from './types';

/** The silence under N.C. */
export const REST: Voicing = { family: 'rest', notes: [], ease: 'easy' };

/**
 * Every voicing of a chord that the settings allow: each family's stacks at every octave inside the
 * room's window, in every grip or hand split that the instrument and the hand allow. Order: families
 * as given, then stacks, then from low to high; no grip comes twice. N.C. gives the one rest.
 *
 * @example enumerateVoicings(chord, { ...defaultSettings, families: ['drop2'] })
 */
export function enumerateVoicings(chord: Chord, settings: VoicingSettings): Voicing[] {
  if (chord.kind === 'no chord') return [REST];
  const found = new Map<string, Voicing>();
  for (const id of settings.families) {
    for (const stack of familyOf(id).stacks(chord)) {
      if (stack.tones.length > settings.room.mostNotes) continue;
      for (const voicing of realise(chord, id, stack, settings)) {
        const key = voicingKey(voicing);
        if (!found.has(key)) found.set(key, voicing);
      }
    }
  }
  return [...found.values()];
}

/**
 * Names a voicing by what sounds and where: `4:10=C4 …` on strings, pitches and hands on keys. Two
 * voicings with one key are the same to the hand.
 */
export const voicingKey = (voicing: Voicing): string =>
  voicing.notes
    .map(({ midi: pitch, string, fret, hand }) =>
      string === undefined ? `${hand?.charAt(0) ?? ''}${pitch}` : `${string}:${fret}`,
    )
    .join(' ');

function realise(
  chord: PitchedChord,
  family: FamilyId,
  stack: DegreeStack,
  settings: VoicingSettings,
): Voicing[] {
  return placements(chord, stack, settings).flatMap((notes) => {
    const base = {
      family,
      notes,
      ...(stack.inversion === undefined ? {} : { inversion: stack.inversion }),
    };
    return onInstrument(settings.instrument, base, settings.includeOutOfReach);
  });
}

/** The stack at every octave that fits the window, from low to high. */
function placements(
  chord: PitchedChord,
  stack: DegreeStack,
  { room, instrument }: VoicingSettings,
): VoicedNote[][] {
  const range = rangeOf(instrument);
  const low = Math.max(room.window.low, range.low);
  const high = Math.min(room.window.high, range.high);
  const names = new Map(chord.tones.map(({ degree, note }) => [degree, note]));
  const placed: VoicedNote[][] = [];
  for (let root = pitchClassOf(chord.root) - 12; root <= high + 12; root += 12) {
    const notes = stack.tones.map(({ degree, height }) => ({
      midi: midi(root + height),
      note: names.get(degree) ?? chord.root,
      degree,
    }));
    if (notes.every((note) => note.midi >= low && note.midi <= high)) placed.push(notes);
  }
  return placed;
}

export function rangeOf(instrument: Instrument): { low: number; high: number } {
  if (instrument.kind === 'keyboard') return { low: instrument.lowest, high: instrument.highest };
  const { tuning, frets } = instrument;
  return { low: Math.min(...tuning), high: Math.max(...tuning) + frets };
}

function onInstrument(
  instrument: Instrument,
  base: Omit<Voicing, 'ease'>,
  includeOutOfReach: boolean,
): Voicing[] {
  const pitches = base.notes.map((note) => note.midi);
  switch (instrument.kind) {
    case 'guitar':
      return gripsOf(instrument, pitches, includeOutOfReach).map((grip) =>
        onStrings(base, grip, instrument.tuning.length),
      );
    case 'keyboard': {
      const { hands, ease } = splitHands(instrument, pitches);
      if (ease === 'out of reach' && !includeOutOfReach) return [];
      const notes = base.notes.map((note, index) => ({ ...note, hand: hands[index] ?? 'right' }));
      return [{ ...base, notes, ease }];
    }
    default:
      return impossible(instrument);
  }
}

function onStrings(base: Omit<Voicing, 'ease'>, grip: Grip, strings: number): Voicing {
  const notes = base.notes.map((note, index): VoicedNote => {
    const { stringIndex, fret } = grip.places[index] ?? { stringIndex: 0, fret: 0 };
    const finger = grip.fingering?.fingers[index] ?? 0;
    const place = { ...note, string: strings - stringIndex, fret };
    return finger ? { ...place, finger } : place;
  });
  return { ...base, notes, stretchMm: grip.stretchMm, ease: grip.ease };
}

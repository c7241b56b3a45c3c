import { fail, ok, type Result } from '../../base/result';
import type { OtherHold, Playing, StrainSizes } from '../instruments/playing';
import { problemOfPlayed, type PlayedNote, type Sounding } from '../instruments/played';
import { labelOfInstrument } from '../base/instruments';
import { OCTAVES, shiftedBy } from '../instruments/shifted';
import { pitchName } from '../base/pitchName';
import { EASES, type Hand, type Keyboard, type VoicedNote, type Voicing } from '../base/types';
import { beyondReach, easeOnKeys } from './easeOnKeys';
import { splitHands } from './hands';
import { keysPlayer } from './keysPlayer';
import { problemsOfKeyboard } from './problems';

/** How a keyboard is played: one hand or two, each within its reach. */
export function keysPlaying(keyboard: Keyboard): Playing {
  const { lowest, highest } = keyboard;
  const sounds = ({ midi }: Pick<VoicedNote, 'midi'>): boolean => midi >= lowest && midi <= highest;
  return {
    range: { low: lowest, high: highest },
    positionsMm: [],
    player: (settings) => keysPlayer(keyboard, settings),
    hold: (voicing) => held(voicing, keyboard),
    otherHolds: (voicing) => bothHands(voicing, keyboard),
    sounds,
    moved: (voicing, by) => {
      const shifted = OCTAVES.map((octave) => shiftedBy(voicing, by + octave));
      const fits = shifted.find(({ notes }) => notes.every(sounds));
      return fits && held(fits, keyboard);
    },
    read: (played) => read(played, keyboard),
    strain: spanStrain,
    lie: () => 0,
    easeReason: (voicing) => easeOnKeys(voicing, keyboard),
    beyondHand: (names) => beyondReach(names, keyboard),
    problems: () => problemsOfKeyboard(keyboard),
    handProblem: () => undefined,
  };
}

function held(voicing: Voicing, keyboard: Keyboard): Voicing {
  const pitches = voicing.notes.map((note) => note.midi as number);
  const { hands, ease } = splitHands(keyboard, pitches);
  const notes = voicing.notes.map((note, voice) => ({ ...note, hand: hands[voice]! }));
  return { ...voicing, notes, ease };
}

/** What one hand holds, parted between both where that is easier. */
function bothHands(voicing: Voicing, keyboard: Keyboard): OtherHold[] {
  if (keyboard.hands === 'two') return [];
  const split = held(voicing, { ...keyboard, hands: 'two' });
  const easier = EASES.indexOf(split.ease) < EASES.indexOf(voicing.ease);
  return easier ? [{ voicing: split, how: 'in both hands' }] : [];
}

function read(
  played: readonly PlayedNote[],
  keyboard: Keyboard,
): Result<readonly Sounding[], string> {
  const pitches = played.flatMap((note) => ('pitch' in note ? [note.pitch] : []));
  const problem = pitches.map((pitch) => offTheKeys(pitch, keyboard)).find(Boolean);
  const problems = problem ?? problemOfPlayed(played);
  return problems ? fail(problems) : ok(pitches.map((midi) => ({ midi })));
}

function offTheKeys(pitch: number, { kind, lowest, highest }: Keyboard): string | undefined {
  if (pitch >= lowest && pitch <= highest) return undefined;
  const noun = labelOfInstrument(kind).toLowerCase();
  return `${pitchName(pitch)} is off the ${noun}, which goes from ${pitchName(lowest)} to ${pitchName(highest)}.`;
}

const OCTAVE = 12;

const spanStrain = ({ notes }: Voicing, sizes: StrainSizes): number =>
  (beyondOctave(notes, 'left') + beyondOctave(notes, 'right')) * sizes.spanSemitone;

function beyondOctave(notes: Voicing['notes'], side: Hand): number {
  let [low, high] = [Infinity, -Infinity];
  for (const { midi, hand } of notes) {
    if (hand !== side) continue;
    low = Math.min(low, midi);
    high = Math.max(high, midi);
  }
  return high > low + OCTAVE ? high - low - OCTAVE : 0;
}

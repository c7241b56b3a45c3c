import type { Chord } from '../chord/types';
import type { Voicing } from '../voicing/base/types';
import { byTerm, costOfMatch, matchOf, type Match } from './terms/cost';
import { motionKind } from './base/match';
import { placeOf } from './base/place';
import { pricesOf } from './terms/prices';
import { weigh } from './base/weighed';
import type { Change, ConnectSettings, VoiceMotion } from './base/types';

/** Describes every change of a path; with a loop also the one from the last chord to the first. */
export function changesOf(
  chords: readonly Chord[],
  path: readonly Voicing[],
  settings: ConnectSettings,
): Change[] {
  const prices = pricesOf(settings.weights);
  const joins = settings.loop && path.length > 1 ? path.length : path.length - 1;
  return Array.from({ length: Math.max(0, joins) }, (_, from) => {
    const to = (from + 1) % path.length;
    const place = placeOf(chords[from]!, chords[to]!, from, settings.wishes);
    const [a, b] = [weigh(path[from]!, settings.instrument), weigh(path[to]!, settings.instrument)];
    const match = matchOf(a.voicing, b.voicing, place, prices);
    const voices = voiceMotions(match, a.voicing, b.voicing);
    const motion = voices.reduce((sum, voice) => sum + Math.abs(voice.semitones ?? 0), 0);
    const cost = byTerm(settings.weights, (alone) => costOfMatch(match, a, b, place, alone));
    return { from, to, voices, motion, octave: match.octave, cost };
  });
}

/** How each voice goes from one voicing to the next, bottom to top. */
export function voiceMotions({ pairs }: Match, from: Voicing, to: Voicing): VoiceMotion[] {
  const growing = from.notes.length < to.notes.length;
  const larger = growing ? to : from;
  return larger.notes.map((_, position) => {
    const pair = pairs.find(([a, b]) => (growing ? b : a) === position);
    if (!pair) return growing ? { to: position, kind: 'enters' } : { from: position, kind: 'ends' };
    const [a, b] = pair;
    const semitones = to.notes[b]!.midi - from.notes[a]!.midi;
    return { from: a, to: b, semitones, kind: motionKind(semitones) };
  });
}

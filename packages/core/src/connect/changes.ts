import type { Chord } from '../chord/types';
import type { Voicing } from '../voicing/types';
import { changeCostByTerm } from './cost';
import { fallsFifth } from './facts';
import { matchVoices, motionKind, motionOf, type VoicePair } from './match';
import { weigh } from './weighed';
import type { Change, ConnectSettings, VoiceMotion } from './types';

/** Describes every change of a path; with a loop also the one from the last chord to the first. */
export function changesOf(
  chords: readonly Chord[],
  path: readonly Voicing[],
  settings: ConnectSettings,
): Change[] {
  const joins = settings.loop && path.length > 1 ? path.length : path.length - 1;
  return Array.from({ length: Math.max(0, joins) }, (_, from) => {
    const to = (from + 1) % path.length;
    const [a, b] = [path[from], path[to]] as [Voicing, Voicing];
    const voices = voiceMotions(a, b);
    const motion = voices.reduce((sum, voice) => sum + Math.abs(voice.semitones ?? 0), 0);
    const falls = fallsFifth(chords[from] as Chord, chords[to] as Chord);
    return {
      from,
      to,
      voices,
      motion,
      cost: changeCostByTerm(
        weigh(a, settings.instrument),
        weigh(b, settings.instrument),
        falls,
        settings,
      ),
    };
  });
}

/** How each voice goes from one voicing to the next, bottom to top. */
export function voiceMotions(from: Voicing, to: Voicing): VoiceMotion[] {
  const a = from.notes.map((note) => note.midi);
  const b = to.notes.map((note) => note.midi);
  return matchVoices(a, b).map((pair) => describe(pair, motionOf(pair, a, b)));
}

function describe(pair: VoicePair, semitones: number | undefined): VoiceMotion {
  if (pair.kind === 'moves' && semitones !== undefined) {
    return { from: pair.from, to: pair.to, semitones, kind: motionKind(semitones) };
  }
  return pair.kind === 'ends' ? { from: pair.from, kind: 'ends' } : { to: pair.to, kind: 'enters' };
}

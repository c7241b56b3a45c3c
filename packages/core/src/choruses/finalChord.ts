import { settingsOf } from '../arrangement/chorus/settings';
import type { FinalChord } from '../band/ending';
import type { Voicing } from '../voicing/base/types';
import type { Composition } from './composition';

/**
 * The chord a tune ends on, voiced nearest to where the hand is: the last chord of the chart that is the
 * tonic of the home key, or, where there is none, the chord it began with.
 * @returns `undefined` where nothing is voiced
 */
export function finalChord({
  chorus,
  composed,
  question,
  request,
}: Composition): FinalChord | undefined {
  const { voiced } = composed;
  const pitched = chorus.chords.flatMap((chord) => (chord.kind === 'chord' ? [chord] : []));
  const [tonic] = chorus.analysis.homeKey.split(' ');
  const chord = pitched.filter(({ root, bass }) => root === tonic && !bass).at(-1) ?? pitched[0];
  const before = voiced.status === 'found' ? voiced.path.at(-1) : undefined;
  if (!chord || !before) return undefined;
  const settings = settingsOf(question.setup, chorus, question.instruments);
  const voicings = request.connector.voicingsOf(chord, settings);
  const voicing = voicings.reduce<Voicing | undefined>(
    (best, each) => (best && distance(best, before) <= distance(each, before) ? best : each),
    undefined,
  );
  return voicing && { chord, voicing };
}

/** How far a hand moves from one voicing to another, in half steps, each note to the nearest of the other. */
const distance = ({ notes }: Voicing, from: Voicing): number =>
  notes.reduce(
    (sum, { midi }) => sum + Math.min(...from.notes.map((note) => Math.abs(note.midi - midi))),
    0,
  );

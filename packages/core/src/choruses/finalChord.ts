import type { Chorus } from '../arrangement/chorus/chorus';
import type { FinalChord } from '../band/ending';
import type { Connector } from '../connect/connect';
import type { ConnectSettings } from '../connect/base/types';
import type { Voicing } from '../voicing/base/types';

/**
 * The chord a tune ends on, voiced nearest to where the hand is: the last chord of the chart that is the
 * tonic of the home key, or, where there is none, the chord it began with.
 * @param path of the choruses that end
 * @returns `undefined` where nothing is voiced
 */
export function finalChord(
  { chords, analysis }: Pick<Chorus, 'chords' | 'analysis'>,
  path: readonly Voicing[],
  connector: Connector,
  settings: ConnectSettings,
): FinalChord | undefined {
  const pitched = chords.flatMap((chord) => (chord.kind === 'chord' ? [chord] : []));
  const [tonic] = analysis.homeKey.split(' ');
  const chord = pitched.filter(({ root, bass }) => root === tonic && !bass).at(-1) ?? pitched[0];
  const before = path.at(-1);
  if (!chord || !before) return undefined;
  const voicings = connector.voicingsOf(chord, settings);
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

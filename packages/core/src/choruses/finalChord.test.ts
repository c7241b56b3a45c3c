import { settingsOf } from '../arrangement/chorus/settings';
import { defaultArrangement } from '../arrangement/stored/defaults';
import { createConnector } from '../connect/connect';
import { chorusFrom } from '../testing/choruses';
import { demoTunes } from '../testing/demo';
import { voiceChorus } from '../arrangement/chorus/voiceChorus';
import { finalChord } from './finalChord';

const connector = createConnector();

function endOf(chorus: ReturnType<typeof chorusFrom>) {
  const settings = settingsOf(defaultArrangement, chorus);
  const outcome = voiceChorus(connector, chorus, settings, defaultArrangement);
  if (outcome.status !== 'found') throw new Error(outcome.status);
  return { final: finalChord(chorus, outcome.path, connector, settings), path: outcome.path };
}

describe('the chord a tune ends on', () => {
  it('is its tonic, though the chart ends on a turnaround', () => {
    expect(endOf(chorusFrom('| Dm7 | G7 | Cmaj7 | A7 | Dm7 | G7 |')).final!.chord.symbol).toBe(
      'Cmaj7',
    );
    expect(endOf(chorusFrom('| C6 | G7 | Cmaj7/E | A7 | Dm7 G7 |')).final!.chord.symbol).toBe('C6');
  });
  it('is the tonic of every demo tune, voiced near to where the hand was', () => {
    for (const { title, chorus } of demoTunes()) {
      const { final, path } = endOf(chorus);
      const tonic = chorus.analysis.homeKey.split(' ')[0];
      expect(`${title}: ${final!.chord.root}`).toBe(`${title}: ${tonic}`);
      const top = (notes: readonly { readonly midi: number }[]) => notes.at(-1)!.midi;
      expect(Math.abs(top(final!.voicing.notes) - top(path.at(-1)!.notes))).toBeLessThanOrEqual(7);
    }
  });
  it('is none where there is none', () => {
    const chorus = chorusFrom('');
    const settings = settingsOf(defaultArrangement, chorus);
    expect(finalChord(chorus, [], connector, settings)).toBeUndefined();
  });
});

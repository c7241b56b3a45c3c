import { SoundOutlined } from '@ant-design/icons';
import type { ChordAnalysis, SharedNote } from '@drop-close/core';
import { Button } from 'antd';
import { rising } from '../../playback/tones';
import { ChordSymbol } from '../../profile/ChordSymbol';
import { useNotation } from '../../profile/useNotation';
import { Term } from '../../ui/terms/Term';

interface SharedWithNextProps {
  readonly analysis: ChordAnalysis;
  /** All chords of the chorus; the next is one of them. */
  readonly chords: readonly ChordAnalysis[];
  readonly onHear: (pitches: readonly number[]) => void;
}

/** Notes that can stay when the chord changes. */
export function SharedWithNext({ analysis, chords, onHear }: SharedWithNextProps) {
  const { note } = useNotation();
  const { shared } = analysis;
  const next = shared && chords[shared.next];
  if (!next || next === analysis) return null;
  const listed = (notes: readonly SharedNote[]): string =>
    notes.map((each) => bothNames(note(each.note), note(each.there))).join(', ');
  const names = shared.tones.map((each) => each.note);
  return (
    <section>
      <h3>
        <Term of="shared note">Shared</Term> with <ChordSymbol symbol={next.symbol} />, next
      </h3>
      <p>
        <span className="quiet">Of the chords</span> {listed(shared.tones) || 'none'}{' '}
        {names.length > 0 && (
          <Button
            type="text"
            size="small"
            icon={<SoundOutlined aria-hidden />}
            aria-label={`Hear what it shares with ${next.symbol}`}
            onClick={() => {
              onHear(rising(names));
            }}
          />
        )}
      </p>
      <p>
        <span className="quiet">Of their first scales</span> {listed(shared.pool) || 'none'}
      </p>
    </section>
  );
}

/** Where the two chords spell one note in two ways, both: G♯ (A♭ there). */
const bothNames = (here: string, there: string): string =>
  here === there ? here : `${here} (${there} there)`;

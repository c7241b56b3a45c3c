import {
  inList,
  prettyDegree,
  upperParts,
  type ChordTone,
  type PitchedChord,
} from '@drop-close/core';
import { useMemo } from 'react';
import { useNotation } from '../../profile/useNotation';
import { ChordSymbol } from '../../profile/ChordSymbol';
import { HearSymbol } from './OtherNames';
import { Term } from '../../ui/terms/Term';

interface UpperPartsProps {
  readonly chord: PitchedChord;
  readonly tensions: readonly ChordTone[];
  readonly onHear: (pitches: readonly number[]) => void;
}

/** Chords that lie in the chord and its tensions: grips a player knows already, to be put on top of its bass. */
export function UpperParts({ chord, tensions, onHear }: UpperPartsProps) {
  const { note } = useNotation();
  const parts = useMemo(() => upperParts(chord, tensions), [chord, tensions]);
  if (!parts.length) return null;
  return (
    <section>
      <h3>
        <Term of="upper part">Chords on top of it</Term>
      </h3>
      <ul className="other-names">
        {parts.map(({ symbol, tones }) => (
          <li key={symbol}>
            <HearSymbol symbol={symbol} onHear={onHear} />
            <div>
              <ChordSymbol symbol={symbol} />{' '}
              <span className="quiet">
                is its {inList(tones.map((tone) => prettyDegree(tone.degree)))}
              </span>
              <div className="pool-notes">{tones.map((tone) => note(tone.note)).join(' ')}</div>
            </div>
          </li>
        ))}
      </ul>
    </section>
  );
}

import { standIns, type ChordAnalysis } from '@drop-close/core';
import { useMemo } from 'react';
import { prettyNumber } from '../../ui/notation';
import { ChordSymbol } from '../../profile/ChordSymbol';
import { HearSymbol } from './OtherNames';
import { Term } from '../../ui/terms/Term';
import { useNotation } from '../../profile/useNotation';

interface StandInsProps {
  readonly analysis: ChordAnalysis;
  readonly onHear: (pitches: readonly number[]) => void;
}

/** Chords of the same function that can take this one's place. */
export function StandIns({ analysis, onHear }: StandInsProps) {
  const group = useMemo(() => standIns(analysis), [analysis]);
  const { sentence } = useNotation();
  if (!group.length) return null;
  return (
    <section>
      <h3>
        <Term of="stand-in">Can stand in</Term>
      </h3>
      <ul className="other-names">
        {group.map(({ symbol, numeral, why }) => (
          <li key={numeral}>
            <HearSymbol symbol={symbol} onHear={onHear} />
            <div>
              <ChordSymbol symbol={symbol} />{' '}
              <span className="slot-number">{prettyNumber(numeral)}</span>{' '}
              <span className="quiet">{sentence(why)}</span>
            </div>
          </li>
        ))}
      </ul>
    </section>
  );
}

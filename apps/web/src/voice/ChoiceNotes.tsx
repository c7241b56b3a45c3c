import { familyOf } from '@drop-close/core';
import { Button } from 'antd';
import type { VoicedChorus } from '../engine/protocol';
import { useSelection } from '../place/selection';
import { plainSymbol } from '../ui/symbol';

/**
 * What to know about the choice of voicings: chords that the chosen families do not voice, each with why
 * and with what stands in.
 */
export function ChoiceNotes({ chorus }: { chorus: VoicedChorus }) {
  const { select } = useSelection();
  const { outcome, timeline } = chorus;
  if (outcome.status !== 'found' || !outcome.lent.length) return null;
  const first = new Map<string, (typeof outcome.lent)[0]>();
  for (const lent of outcome.lent) {
    const { symbol } = timeline.events[lent.at]!.chord;
    if (!first.has(symbol)) first.set(symbol, lent);
  }
  return (
    <ul className="choice-notes" aria-label="About the choice of voicings">
      {[...first].map(([symbol, { at, family, why }]) => (
        <li key={symbol}>
          <Button
            type="link"
            size="small"
            onClick={() => {
              select(at);
            }}
          >
            {plainSymbol(symbol)}
          </Button>{' '}
          is in {familyOf(family).label} instead: {why.split(';')[0]}.
        </li>
      ))}
    </ul>
  );
}

import { familyOf } from '@drop-close/core';
import { Button } from 'antd';
import type { VoicedChorus } from '../engine/protocol';
import { useSelection } from '../tune/selection';
import { plainSymbol } from '../ui/symbol';

/** Chords that the chosen families do not voice, each with why and with what stands in. */
export function LentNote({ chorus }: { chorus: VoicedChorus }) {
  const { select } = useSelection();
  const { outcome, timeline } = chorus;
  if (outcome.status !== 'found' || !outcome.lent.length) return null;
  const first = new Map<string, (typeof outcome.lent)[0]>();
  for (const lent of outcome.lent) {
    const { symbol } = timeline.events[lent.at]!.chord;
    if (!first.has(symbol)) first.set(symbol, lent);
  }
  return (
    <ul className="lent" aria-label="Chords in another family">
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

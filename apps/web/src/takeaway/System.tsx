import type { Score } from '@drop-close/core';
import { useEffect, useRef } from 'react';
import { useNotation } from '../profile/useNotation';
import { BETWEEN_STAVES, overStaves, type SystemBars } from './pages';

interface SystemProps {
  readonly score: Score;
  readonly system: SystemBars;
  readonly width: number;
  readonly height: number;
}

/** One line of a document. */
export function System({ score, system, width, height }: SystemProps) {
  const host = useRef<HTMLDivElement>(null);
  const { symbol } = useNotation();
  useEffect(() => {
    const place = host.current;
    if (!place) return undefined;
    let isGone = false;
    void import('../notation/system/engraveSystem')
      .catch(() => undefined)
      .then(async (loaded) => {
        const top = overStaves(score.parts[0]!);
        const size = { width, height, top, between: BETWEEN_STAVES };
        if (!isGone) await loaded?.engraveSystem(place, score, { ...system, ...size }, symbol);
      });
    return () => {
      isGone = true;
    };
  }, [score, system, width, height, symbol]);
  const last = score.measures[system.first + system.count - 1];
  const from = score.measures[system.first]?.number ?? 0;
  const chords = score.measures
    .slice(system.first, system.first + system.count)
    .map((measure) => measure.chords.map(({ chord }) => chord.symbol).join(' '));
  return (
    <div
      ref={host}
      className="sheet-system"
      style={{ height }}
      role="img"
      aria-label={`Bars ${from} to ${last?.number ?? from}: ${chords.join(' | ')}`}
    />
  );
}

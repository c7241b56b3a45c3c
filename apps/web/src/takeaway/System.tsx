import type { Score } from '@drop-close/core';
import { useEffect, useRef } from 'react';
import { useNotation } from '../profile/useNotation';
import { prettyText } from '../ui/symbol';
import { inTurn } from './inTurn';
import { BETWEEN_STAVES } from './heights';
import type { SystemBars } from './pages';

interface SystemProps {
  readonly score: Score;
  readonly system: SystemBars;
  /** On paper, in pixels. */
  readonly width: number;
  /** In medium size. */
  readonly height: number;
  /** From there to its first staff. */
  readonly top: number;
  /** How large it is drawn, as a factor. */
  readonly size: number;
}

/** One line of a document. */
export function System({ score, system, width, height, top, size }: SystemProps) {
  const host = useRef<HTMLDivElement>(null);
  const { symbol } = useNotation();
  useEffect(() => {
    const place = host.current;
    if (!place) return undefined;
    let isGone = false;
    inTurn(async () => {
      if (isGone) return;
      // Without it the line stays empty; the page says what is missing when it is loaded anew.
      const loaded = await import('../notation/system/engraveSystem').catch(() => undefined);
      const room = { width: width / size, height, top, between: BETWEEN_STAVES };
      await loaded?.engraveSystem(place, score, { ...system, ...room }, symbol);
      enlarge(place, width, height, size);
    });
    return () => {
      isGone = true;
    };
  }, [score, system, width, height, top, size, symbol]);
  const last = score.measures[system.first + system.count - 1];
  const from = score.measures[system.first]?.number ?? 0;
  const chords = score.measures
    .slice(system.first, system.first + system.count)
    .map((measure) => measure.chords.map(({ chord }) => chord.symbol).join(' '));
  return (
    <div
      ref={host}
      className="sheet-system"
      style={{ height: height * size }}
      role="img"
      aria-label={`Bars ${from} to ${last?.number ?? from}: ${prettyText(chords.join(' | '))}`}
    />
  );
}

/** What was drawn in medium size, as large as it is wanted. */
function enlarge(host: HTMLElement, width: number, height: number, size: number): void {
  const svg = host.querySelector('svg');
  if (!svg) return;
  svg.setAttribute('viewBox', `0 0 ${width / size} ${height}`);
  svg.style.width = `${width}px`;
  svg.style.height = `${height * size}px`;
}

import type { Score } from '@drop-close/core';
import { useEffect, useMemo, useRef, type CSSProperties } from 'react';
import { useWidth } from '../ui/useWidth';
import { useNotation } from '../profile/useNotation';
import {
  BETWEEN_STAVES,
  MARGIN,
  overStaves,
  PAPERS,
  pagesOf,
  systemHeight,
  systemsOf,
  type PaperId,
  type SystemBars,
} from './pages';

interface SheetPagesProps {
  readonly score: Score;
  /** Under the title: who reads it. */
  readonly reader: string;
  readonly perLine: number;
  readonly paper: PaperId;
}

/** A document as it is printed, page by page. */
export function SheetPages({ score, reader, perLine, paper }: SheetPagesProps) {
  const [part] = score.parts;
  const height = part ? systemHeight(part) : 0;
  const pages = useMemo(
    () => pagesOf(systemsOf(score, perLine), height, paper),
    [score, perLine, height, paper],
  );
  const { width, height: paperHeight } = PAPERS[paper];
  const [frame, room] = useWidth();
  const zoom = room ? Math.min(1, room / width) : 1;
  return (
    <div className="sheet-pages" ref={frame} style={{ '--sheet-zoom': zoom } as CSSProperties}>
      {/* The size of what is printed is no style of any element. */}
      <style>{`@page { size: ${paper} portrait; margin: 0 }`}</style>
      {pages.map((systems, at) => (
        <article
          key={at}
          className="sheet-page"
          style={{ width, height: paperHeight, padding: MARGIN }}
          aria-label={`Page ${at + 1} of ${pages.length}`}
        >
          {at === 0 && (
            <header className="sheet-head">
              <h2>{score.title}</h2>
              <p>
                <span>{reader}</span>
                <span>
                  {score.feel}, ♩ = {score.tempo}
                </span>
              </p>
            </header>
          )}
          {systems.map((system) => (
            <System
              key={system.first}
              score={score}
              system={system}
              width={width - 2 * MARGIN}
              height={height}
            />
          ))}
          <footer className="sheet-foot">
            <span>{score.title}</span>
            <span>
              {at + 1} / {pages.length}
            </span>
          </footer>
        </article>
      ))}
    </div>
  );
}

interface SystemProps {
  readonly score: Score;
  readonly system: SystemBars;
  readonly width: number;
  readonly height: number;
}

function System({ score, system, width, height }: SystemProps) {
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

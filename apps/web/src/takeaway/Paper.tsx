import type { CSSProperties, ReactNode } from 'react';
import { useWidth } from '../ui/useWidth';
import { MARGIN, PAPERS, type PaperId } from './pages';

/** Sheets of paper one under the other, as wide as there is room for, and as large as paper when they are printed. */
export function PaperStack({
  paper,
  children,
}: {
  readonly paper: PaperId;
  readonly children: ReactNode;
}) {
  const [frame, room] = useWidth();
  const { width } = PAPERS[paper];
  const zoom = room ? Math.min(1, room / width) : 1;
  return (
    <div className="sheet-pages" ref={frame} style={{ '--sheet-zoom': zoom } as CSSProperties}>
      {/* The size of what is printed is no style of any element. */}
      <style>{`@page { size: ${paper} portrait; margin: 0 }`}</style>
      {children}
    </div>
  );
}

interface PaperPageProps {
  readonly paper: PaperId;
  /** From 1. */
  readonly number: number;
  readonly total: number;
  /** At the foot, beside the number. */
  readonly foot: string;
  readonly children: ReactNode;
}

/** One sheet of paper, with its number. */
export function PaperPage({ paper, number, total, foot, children }: PaperPageProps) {
  const { width, height } = PAPERS[paper];
  return (
    <article
      className="sheet-page"
      style={{ width, height, padding: MARGIN }}
      aria-label={`Page ${number} of ${total}`}
    >
      {children}
      <footer className="sheet-foot">
        <span>{foot}</span>
        <span>
          {number} / {total}
        </span>
      </footer>
    </article>
  );
}

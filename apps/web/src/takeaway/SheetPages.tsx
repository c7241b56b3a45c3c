import type { Score } from '@drop-close/core';
import { useMemo, type ReactNode } from 'react';
import { useNotation } from '../profile/useNotation';
import { hasNumbers, overStaves, systemHeight } from './heights';
import {
  layOut,
  MARGIN,
  PAPERS,
  SIZES,
  type PaperLook,
  type Spacing,
  type SystemBars,
} from './pages';
import { PaperPage } from './Paper';
import { System } from './System';

interface SheetPagesProps {
  readonly score: Score;
  /** Under the title: who reads it, or what it is. */
  readonly under: string;
  readonly look: PaperLook;
}

/** The pages of a document as it is printed, one by one. */
export function useSheetPages(props: SheetPagesProps | undefined): ReactNode[] {
  const { score, look } = props ?? {};
  const { symbol } = useNotation();
  const laidOut = useMemo(
    () => score && look && layOut(score, look, symbol),
    [score, look, symbol],
  );
  if (!props || !laidOut) return [];
  const { pages, spacing } = laidOut;
  const { paper } = props.look;
  return pages.map((systems, at) => (
    <PaperPage key={at} paper={paper} number={at + 1} total={pages.length} foot={props.score.title}>
      <PageOfScore {...props} systems={systems} spacing={spacing} isFirst={at === 0} />
    </PaperPage>
  ));
}

interface PageOfScoreProps extends SheetPagesProps {
  readonly systems: readonly SystemBars[];
  readonly spacing: Spacing;
  /** The first page of a document has its title over it. */
  readonly isFirst: boolean;
}

/** What stands on one page of a document. */
export function PageOfScore({
  score,
  systems,
  spacing: { gap, rows },
  under,
  look,
  isFirst,
}: PageOfScoreProps) {
  const [part] = score.parts;
  const height = part ? systemHeight(part, hasNumbers(score), rows) : 0;
  const top = part ? overStaves(part, rows) : 0;
  return (
    <>
      {isFirst && (
        <SheetHead title={score.title} left={under} right={`${score.feel}, ♩ = ${score.tempo}`} />
      )}
      <div className="sheet-systems" style={{ gap }}>
        {systems.map((system) => (
          <System
            key={system.first}
            score={score}
            system={system}
            width={PAPERS[look.paper].width - 2 * MARGIN}
            height={height}
            top={top}
            size={SIZES[look.size]}
          />
        ))}
      </div>
    </>
  );
}

interface SheetHeadProps {
  readonly title: string;
  readonly left: ReactNode;
  readonly right: string;
}

/** What stands over a document. */
export const SheetHead = ({ title, left, right }: SheetHeadProps) => (
  <header className="sheet-head">
    <h2>{title}</h2>
    <p>
      <span>{left}</span>
      <span>{right}</span>
    </p>
  </header>
);

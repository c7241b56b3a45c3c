import type { Score } from '@drop-close/core';
import { useMemo, type ReactNode } from 'react';
import { MARGIN, PAPERS, layOut, systemHeight, type PaperId, type SystemBars } from './pages';
import { PageTurner } from './PageTurner';
import { PaperPage, PaperStack } from './Paper';
import { System } from './System';

interface SheetPagesProps {
  readonly score: Score;
  /** Under the title: who reads it. */
  readonly reader: string;
  readonly perLine: number;
  readonly paper: PaperId;
}

/** A document as it is printed, page by page. */
export function SheetPages(props: SheetPagesProps) {
  return <PaperStack paper={props.paper}>{usePagesOf(props)}</PaperStack>;
}

/** The pages of a document one by one. */
export function usePagesOf({ score, reader, perLine, paper }: SheetPagesProps): ReactNode[] {
  const pages = useMemo(() => layOut(score, perLine, paper), [score, perLine, paper]);
  return pages.map((systems, at) => (
    <PaperPage key={at} paper={paper} number={at + 1} total={pages.length} foot={score.title}>
      <PageOfScore
        score={score}
        systems={systems}
        reader={reader}
        paper={paper}
        isFirst={at === 0}
      />
    </PaperPage>
  ));
}

/** The same pages on the stand. */
export function SheetOnStand({
  onClose,
  ...props
}: SheetPagesProps & { readonly onClose: () => void }) {
  return <PageTurner paper={props.paper} pages={usePagesOf(props)} onClose={onClose} />;
}

interface PageOfScoreProps {
  readonly score: Score;
  readonly systems: readonly SystemBars[];
  readonly reader: string;
  readonly paper: PaperId;
  /** The first page of a document has its title over it. */
  readonly isFirst: boolean;
}

/** What stands on one page of a document. */
export function PageOfScore({ score, systems, reader, paper, isFirst }: PageOfScoreProps) {
  const [part] = score.parts;
  const height = part ? systemHeight(part) : 0;
  return (
    <>
      {isFirst && (
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
          width={PAPERS[paper].width - 2 * MARGIN}
          height={height}
        />
      ))}
    </>
  );
}

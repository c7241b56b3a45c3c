import type { SetView } from '@drop-close/core';
import dayjs from 'dayjs';
import type { ReactNode } from 'react';
import type { PaperLook } from '../pages';
import { PaperPage } from '../Paper';
import { PageOfScore } from '../SheetPages';
import type { Booklet } from './booklet';

interface BookletPagesProps {
  readonly set: SetView;
  readonly booklet: Booklet;
  readonly look: PaperLook;
  /** Who reads it, or what it is. */
  readonly under: string;
  /** How the player names keys. */
  readonly nameOf: (key: string) => string;
}

/** Contents, and the pages of every tune. */
export function pagesOfBooklet({
  set,
  booklet,
  look,
  under,
  nameOf,
}: BookletPagesProps): ReactNode[] {
  const { contents, pages, total } = booklet;
  const { paper } = look;
  return [
    <PaperPage key="contents" paper={paper} number={1} total={total} foot={set.name}>
      <header className="booklet-head">
        <h2>{set.name}</h2>
        <p>
          <span>{under}</span>
          {set.day !== undefined && <span>{dayjs(set.day).format('dddd, D MMMM YYYY')}</span>}
        </p>
      </header>
      <ol className="booklet-contents">
        {contents.map(({ title, key, tempo, page }, at) => (
          <li key={at}>
            <span className="booklet-title">{title}</span>
            <span>{nameOf(key)}</span>
            <span>♩ = {tempo}</span>
            <span className="booklet-page">{page}</span>
          </li>
        ))}
      </ol>
    </PaperPage>,
    ...pages.map(({ tune, systems, spacing, isFirst }, at) => (
      <PaperPage key={at} paper={paper} number={at + 2} total={total} foot={set.name}>
        <PageOfScore {...{ score: tune.score, systems, spacing, under, look, isFirst }} />
      </PaperPage>
    )),
  ];
}

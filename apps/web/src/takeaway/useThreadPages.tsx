import { useMemo, type ReactNode } from 'react';
import { useChorus } from '../engine/useChorus';
import { useTune } from '../document/store';
import { useHeading } from '../place/heading';
import { useInstrument } from '../profile/useInstrument';
import { useNotation } from '../profile/useNotation';
import { plainSymbol } from '../ui/symbol';
import { layoutThreads, threadScale } from '../voice/threads/threadLayout';
import { DEFAULT_ZOOM, zooms } from '../voice/threads/zoom';
import { MARGIN, PAPERS, pagesOf, type PaperLook } from './pages';
import { PaperPage } from './Paper';
import { SheetHead } from './SheetPages';
import {
  PaperLegend,
  threadSystemHeight,
  ThreadPicture,
  type ThreadPictureProps,
} from './threads/ThreadPicture';

export interface ThreadDocument {
  readonly pages: readonly ReactNode[];
  /** All of it in one picture. */
  readonly picture: ThreadPictureProps;
}

const LEGEND_WORDS =
  'Thick lines are held, plain ones move a half step, broken ones a whole step, dots a leap';

/** The threads of the chorus on paper; nothing where it is not voiced. */
export function useThreadPages({ paper, perLine }: PaperLook): ThreadDocument | undefined {
  const picture = usePicture(PAPERS[paper].width - 2 * MARGIN, perLine);
  const { tempo, feel } = useHeading();
  if (!picture) return undefined;
  const pages = pagesOf(picture.systems, threadSystemHeight(picture.scale), paper);
  const { title, ...each } = picture;
  return {
    picture,
    pages: pages.map((systems, at) => (
      <PaperPage key={at} paper={paper} number={at + 1} total={pages.length} foot={title}>
        {at === 0 && (
          <SheetHead
            title={title}
            left={
              <svg width={384} height={16} role="img" aria-label={LEGEND_WORDS}>
                <PaperLegend right={384} y={8} />
              </svg>
            }
            right={`${feel}, ♩ = ${tempo}`}
          />
        )}
        <ThreadPicture {...each} systems={systems} />
      </PaperPage>
    )),
  };
}

type Titled = ThreadPictureProps & { readonly title: string };

function usePicture(width: number, bars: number): Titled | undefined {
  const chorus = useChorus();
  const { room } = useTune().setup;
  const { title } = useHeading();
  const instrument = useInstrument();
  const { symbol } = useNotation();
  return useMemo(() => {
    if (chorus?.outcome.status !== 'found') return undefined;
    const { timeline, outcome } = chorus;
    const { path, changes } = outcome;
    const zoom = { ...zooms[DEFAULT_ZOOM]!, bars };
    const scale = threadScale(path, room.window, zoom);
    return {
      ...{ timeline, path, scale, width, instrument, title },
      systems: layoutThreads({ timeline, path, changes }, scale, width, zoom),
      symbolOf: (written: string) => plainSymbol(symbol(written)),
    };
  }, [chorus, room, title, instrument, symbol, width, bars]);
}

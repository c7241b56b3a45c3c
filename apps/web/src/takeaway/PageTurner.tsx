import { Button } from 'antd';
import { useEffect, useRef, useState, type CSSProperties, type ReactNode } from 'react';
import { useAwake } from '../stand/useAwake';
import { useTurning } from '../stand/useTurning';
import { PAPERS, type PaperId } from './pages';
import { useViewport } from './useViewport';

/** Under the pages, for the buttons, in pixels. */
const BAR = 60;

interface PageTurnerProps {
  readonly paper: PaperId;
  readonly pages: readonly ReactNode[];
  readonly onClose: () => void;
}

/** Pages as they are printed, as large as the screen is, turned by a tap, a key or a foot; two beside each other where they fit. */
export function PageTurner({ paper, pages, onClose }: PageTurnerProps) {
  const [at, setAt] = useState(0);
  const frame = useRef<HTMLDivElement>(null);
  const { width, height } = useViewport();
  const { width: paperWidth, height: paperHeight } = PAPERS[paper];
  const zoom = Math.min((height - BAR) / paperHeight, width / paperWidth);
  const beside = Math.max(1, Math.min(2, Math.floor(width / (paperWidth * zoom))));
  const first = Math.min(at, Math.max(0, pages.length - 1));
  const isLast = first + beside >= pages.length;
  const seen = Math.min(beside, pages.length - first);
  const turn = (by: number): void => {
    setAt(Math.max(0, Math.min(pages.length - 1, first + by * beside)));
  };
  useTurning(turn);
  useAwake();
  useEffect(() => {
    frame.current?.focus();
    const key = (event: KeyboardEvent): void => {
      if (event.key === 'Escape') onClose();
    };
    globalThis.addEventListener('keydown', key);
    return () => {
      globalThis.removeEventListener('keydown', key);
    };
  }, [onClose]);
  return (
    <div
      ref={frame}
      role="dialog"
      aria-modal
      aria-label="Pages on the stand"
      className="page-turner"
      tabIndex={-1}
      style={{ '--sheet-zoom': zoom } as CSSProperties}
    >
      {/* A tap turns, as the button below does. */}
      <div
        className="page-turner-pages"
        onClick={() => {
          turn(1);
        }}
      >
        {pages.slice(first, first + beside)}
      </div>
      <nav className="page-turner-bar" aria-label="Turn">
        <Button
          size="large"
          disabled={first === 0}
          onClick={() => {
            turn(-1);
          }}
        >
          Back
        </Button>
        <span role="status">
          {seen > 1
            ? `pages ${first + 1} and ${first + 2} of ${pages.length}`
            : `page ${first + 1} of ${pages.length}`}
        </span>
        <Button
          size="large"
          disabled={isLast}
          onClick={() => {
            turn(1);
          }}
        >
          Next page
        </Button>
        <Button type="text" size="large" onClick={onClose}>
          Off the stand
        </Button>
      </nav>
    </div>
  );
}

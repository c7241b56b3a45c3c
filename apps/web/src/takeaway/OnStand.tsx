import { Button } from 'antd';
import { useState, type ReactNode } from 'react';
import { PageTurner } from './PageTurner';
import type { PaperLook } from './pages';

interface OnStandProps {
  readonly pages: readonly ReactNode[];
  readonly look: PaperLook;
}

/** The same pages, turned on the stand. */
export function OnStand({ pages, look }: OnStandProps) {
  const [isOpen, setIsOpen] = useState(false);
  return (
    <>
      <Button
        disabled={!pages.length}
        onClick={() => {
          setIsOpen(true);
        }}
      >
        Pages on the stand
      </Button>
      {isOpen && (
        <PageTurner
          paper={look.paper}
          pages={pages}
          onClose={() => {
            setIsOpen(false);
          }}
        />
      )}
    </>
  );
}

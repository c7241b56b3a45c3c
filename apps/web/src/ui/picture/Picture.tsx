import type { ReactNode } from 'react';
import type { PictureLook } from './looks';

interface PictureProps {
  /** In pixels. */
  readonly width: number;
  readonly height: number;
  /** What it shows, for those who do not see it. */
  readonly label: string;
  readonly look: PictureLook;
  readonly children: ReactNode;
}

/** A picture that is whole in itself: on the page, or a file of its own. */
export const Picture = ({ width, height, label, look, children }: PictureProps) => (
  <svg
    xmlns="http://www.w3.org/2000/svg"
    {...{ width, height }}
    viewBox={`0 0 ${width} ${height}`}
    role="img"
    aria-label={label}
    fontFamily={look.face}
    fontSize={12}
  >
    <rect {...{ width, height }} fill={look.ground} />
    {children}
  </svg>
);

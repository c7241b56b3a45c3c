import { DownloadOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import type { ReactElement, ReactNode } from 'react';
import { saveFile } from '../saveFile';
import { useWidth } from '../useWidth';
import { IN_A_FILE, ON_SCREEN, type PictureLook } from './looks';
import { svgFile } from './svgFile';
import './picture.css';

interface PictureFigureProps {
  /** Over the picture, and the name of its file. */
  readonly title: string;
  /** How to read it. */
  readonly caption: ReactNode;
  /** Draws it as an `svg`, so wide in pixels. */
  readonly draw: (width: number, look: PictureLook) => ReactElement;
}

/** A figure as a picture: as wide as there is room, printed with the page, and saved as a file of its own. */
export function PictureFigure({ title, caption, draw }: PictureFigureProps) {
  const [host, width] = useWidth();
  return (
    <figure className="picture">
      <figcaption>
        <b>{title}</b> <span className="quiet">{caption}</span>
        <Button
          type="text"
          size="small"
          icon={<DownloadOutlined aria-hidden />}
          aria-label={`Save as a picture: ${title}`}
          title="Save as a picture (SVG)"
          onClick={() => {
            saveFile(`${title}.svg`, svgFile(draw(FILE_WIDTH, IN_A_FILE)), 'image/svg+xml');
          }}
        />
      </figcaption>
      <div ref={host}>{draw(width, ON_SCREEN)}</div>
    </figure>
  );
}

/** As wide as a page between its margins, in pixels. */
const FILE_WIDTH = 680;

import { DownloadOutlined, PrinterOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useEffect } from 'react';
import { saveFile } from '../comp/saveFile';
import { engine } from '../engine/client';
import type { Sheet } from '../engine/protocol';

interface FilesProps {
  readonly sheet: Sheet | 'none' | undefined;
  readonly name: string;
}

/** The document on paper and as files. */
export function Files({ sheet, name }: FilesProps) {
  const score = sheet && sheet !== 'none' ? sheet.score : undefined;
  useEffect(() => {
    // The browser names a printed file by the title of the page.
    const before = document.title;
    document.title = name;
    return () => {
      document.title = before;
    };
  }, [name]);
  const save = async (packed: boolean): Promise<void> => {
    if (!score) return;
    if (packed) {
      const bytes = await engine.packedXml(score);
      saveFile(`${name}.mxl`, bytes, 'application/vnd.recordare.musicxml');
      return;
    }
    const bytes = new TextEncoder().encode(await engine.musicXml(score));
    saveFile(`${name}.musicxml`, bytes, 'application/vnd.recordare.musicxml+xml');
  };
  return (
    <span className="takeaway-files">
      <Button
        type="primary"
        icon={<PrinterOutlined aria-hidden />}
        disabled={!score}
        onClick={() => {
          window.print();
        }}
      >
        Print
      </Button>
      <Button
        icon={<DownloadOutlined aria-hidden />}
        disabled={!score}
        onClick={() => void save(false)}
      >
        MusicXML
      </Button>
      <Button type="text" disabled={!score} onClick={() => void save(true)}>
        Compressed
      </Button>
    </span>
  );
}

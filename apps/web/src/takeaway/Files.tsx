import { DownloadOutlined, PrinterOutlined } from '@ant-design/icons';
import { chartFile } from '@drop-close/core';
import { Button, Dropdown } from 'antd';
import { useEffect } from 'react';
import { saveFile } from '../comp/saveFile';
import { useTune } from '../document/store';
import { engine } from '../engine/client';
import { useChorus } from '../engine/useChorus';
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
  const tune = useTune();
  const chorus = useChorus();
  const saveText = (): void => {
    const text = new TextEncoder().encode(chartFile(tune));
    saveFile(`${tune.title}.txt`, text, 'text/plain');
  };
  const saveTable = async (): Promise<void> => {
    const table = chorus && (await engine.voicingsTable(chorus.id));
    if (table === undefined) return;
    saveFile(`${tune.title}, voicings.csv`, new TextEncoder().encode(table), 'text/csv');
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
      <Dropdown
        menu={{
          items: [
            {
              key: 'packed',
              label: 'MusicXML, compressed',
              disabled: !score,
              onClick: () => void save(true),
            },
            { key: 'text', label: 'Chart as text', onClick: saveText },
            {
              key: 'table',
              label: 'Voicings as a table (CSV)',
              disabled: chorus?.outcome.status !== 'found',
              onClick: () => void saveTable(),
            },
          ],
        }}
        trigger={['click']}
      >
        <Button>More files</Button>
      </Dropdown>
    </span>
  );
}

import { DownloadOutlined, PrinterOutlined } from '@ant-design/icons';
import { chartFile, type Score } from '@drop-close/core';
import { Button, Dropdown } from 'antd';
import { useEffect } from 'react';
import { holdsMenu } from '../ui/holds';
import { saveFile } from '../ui/saveFile';
import { useTune } from '../document/store';
import { engine } from '../engine/client';
import { useChorus } from '../engine/useChorus';
import { allDrawn } from './inTurn';
import { svgFile } from '../ui/picture/svgFile';
import { ThreadPicture, type ThreadPictureProps } from './threads/ThreadPicture';

/** The document that is seen, as it leaves. */
export interface Leaving {
  readonly name: string;
  /** Missing while it is being made, and where it is no document in notes. */
  readonly score: Score | undefined;
  /** Whether its notes are a line of their own, or what the instrument in hand plays. */
  readonly part: 'solo' | 'comp';
  readonly picture: ThreadPictureProps | undefined;
}

const saveText = (name: string, text: string, type: string): void => {
  saveFile(name, new TextEncoder().encode(text), type);
};

/** The document on paper and as files. */
export function Files({ name, score, part, picture }: Leaving) {
  usePrintedName(name);
  const tune = useTune();
  const chorus = useChorus();
  const hasNotes = score?.parts.some(({ measures }) =>
    measures.some(({ voices }) =>
      voices.some(({ moments }) => moments.some(({ slashed, notes }) => !slashed && notes.length)),
    ),
  );
  const files = {
    plain: async () => {
      if (!score) return;
      const text = await engine.musicXml(score);
      saveText(`${name}.musicxml`, text, 'application/vnd.recordare.musicxml+xml');
    },
    packed: async () => {
      if (!score) return;
      const bytes = await engine.packedXml(score);
      saveFile(`${name}.mxl`, bytes, 'application/vnd.recordare.musicxml');
    },
    midi: async () => {
      const sound = { part, instrument: tune.setup.instrument };
      const bytes = score && (await engine.scoreMidi(score, sound));
      if (bytes) saveFile(`${name}.mid`, bytes, 'audio/midi');
    },
    text: () => {
      saveText(`${tune.title}.txt`, chartFile(tune), 'text/plain');
    },
    table: async () => {
      const table = chorus && (await engine.voicingsTable(chorus.id));
      if (table !== undefined) saveText(`${tune.title}, voicings.csv`, table, 'text/csv');
    },
    svg: () => {
      if (picture)
        saveFile(`${name}.svg`, svgFile(<ThreadPicture {...picture} />), 'image/svg+xml');
    },
  };
  const { status } = chorus?.outcome ?? {};
  const more = [
    { key: 'packed', label: 'MusicXML, compressed', disabled: !score },
    { key: 'midi', label: 'MIDI of this document', disabled: !hasNotes },
    { key: 'text', label: 'Chart as text' },
    { key: 'table', label: 'Voicings as a table (CSV)', disabled: status !== 'found' },
  ];
  return (
    <span className="takeaway-files">
      <Button
        type="primary"
        icon={<PrinterOutlined aria-hidden />}
        disabled={!score && !picture}
        onClick={() => void printDrawn()}
      >
        Print
      </Button>
      {picture ? (
        <Button icon={<DownloadOutlined aria-hidden />} onClick={files.svg}>
          Picture (SVG)
        </Button>
      ) : (
        <Button
          icon={<DownloadOutlined aria-hidden />}
          disabled={!score}
          onClick={() => void files.plain()}
        >
          MusicXML
        </Button>
      )}
      <Dropdown
        menu={{
          items: more,
          onClick: ({ key }) => void files[key as keyof typeof files](),
        }}
        trigger={['click']}
      >
        <Button {...holdsMenu({ items: more })}>More files</Button>
      </Dropdown>
    </span>
  );
}

/** Prints once every page is drawn. */
export async function printDrawn(): Promise<void> {
  await allDrawn();
  window.print();
}

/** The browser names a printed file by the title of the page. */
export function usePrintedName(name: string | undefined): void {
  useEffect(() => {
    if (name === undefined) return undefined;
    const before = document.title;
    document.title = name;
    return () => {
      document.title = before;
    };
  }, [name]);
}

import { READER_IDS, READERS, type ReaderId } from '@drop-close/core';
import { Select } from 'antd';
import { PAPERS, type PaperId } from './pages';

const PER_LINE = [2, 3, 4, 5, 6];

interface ReaderChooserProps {
  readonly reader: ReaderId;
  readonly onChange: (reader: ReaderId) => void;
}

/** Whose instrument a document is written for. */
export function ReaderChooser({ reader, onChange }: ReaderChooserProps) {
  return (
    <Select<ReaderId>
      aria-label="Who reads it"
      value={reader}
      popupMatchSelectWidth={false}
      options={READER_IDS.map((value) => ({ value, label: READERS[value].label }))}
      onChange={onChange}
    />
  );
}

interface PaperChoosersProps {
  readonly perLine: number;
  readonly onPerLine: (perLine: number) => void;
  readonly paper: PaperId;
  readonly onPaper: (paper: PaperId) => void;
}

/** How a document lies on paper. */
export function PaperChoosers({ perLine, onPerLine, paper, onPaper }: PaperChoosersProps) {
  return (
    <>
      <Select
        aria-label="Bars a line"
        value={perLine}
        options={PER_LINE.map((value) => ({ value, label: `${value} bars a line` }))}
        popupMatchSelectWidth={false}
        onChange={onPerLine}
      />
      <Select<PaperId>
        aria-label="Paper"
        value={paper}
        options={Object.entries(PAPERS).map(([value, { label }]) => ({
          value: value as PaperId,
          label,
        }))}
        onChange={onPaper}
      />
    </>
  );
}

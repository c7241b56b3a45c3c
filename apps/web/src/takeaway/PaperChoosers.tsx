import { READER_IDS, READERS, type ReaderId } from '@drop-close/core';
import { Checkbox, Select } from 'antd';
import { Folded } from '../ui/Folded';
import { DOCUMENT_LABELS, type DocumentKind } from './documents';
import { PAPERS, SIZES, type PaperId, type PaperLook, type PaperSize } from './pages';

const PER_LINE = [2, 3, 4, 5, 6];
const SIZE_LABELS: Readonly<Record<PaperSize, string>> = {
  ...{ small: 'Small notes', medium: 'Medium notes', large: 'Large notes' },
};

interface DocumentChooserProps<K extends DocumentKind> {
  readonly kind: K;
  readonly kinds: readonly K[];
  readonly onChange: (kind: K) => void;
}

/** What is written out. */
export function DocumentChooser<K extends DocumentKind>({
  kind,
  kinds,
  onChange,
}: DocumentChooserProps<K>) {
  return (
    <Select<K>
      aria-label="Document"
      value={kind}
      popupMatchSelectWidth={false}
      listHeight={340}
      options={kinds.map((value) => ({ value, label: DOCUMENT_LABELS[value] }))}
      onChange={onChange}
    />
  );
}

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
  readonly look: PaperLook;
  readonly onLook: (look: PaperLook) => void;
  /** What the document has no use for. */
  readonly without?: readonly (keyof PaperLook)[];
}

/** How a document lies on paper. */
export function PaperChoosers({ look, onLook, without = [] }: PaperChoosersProps) {
  return (
    <Folded label="Paper">
      <Select
        aria-label="Bars a line"
        value={look.perLine}
        options={PER_LINE.map((value) => ({ value, label: `${value} bars a line` }))}
        popupMatchSelectWidth={false}
        onChange={(perLine) => {
          onLook({ ...look, perLine });
        }}
      />
      {!without.includes('size') && (
        <Select<PaperSize>
          aria-label="Size"
          value={look.size}
          popupMatchSelectWidth={false}
          options={(Object.keys(SIZES) as PaperSize[]).map((value) => ({
            ...{ value, label: SIZE_LABELS[value] },
          }))}
          onChange={(size) => {
            onLook({ ...look, size });
          }}
        />
      )}
      <Select<PaperId>
        aria-label="Paper"
        value={look.paper}
        options={Object.entries(PAPERS).map(([value, { label }]) => ({
          value: value as PaperId,
          label,
        }))}
        onChange={(paper) => {
          onLook({ ...look, paper });
        }}
      />
      {!without.includes('numbers') && (
        <Checkbox
          checked={look.numbers}
          onChange={(event) => {
            onLook({ ...look, numbers: event.target.checked });
          }}
        >
          Numbers under the chords
        </Checkbox>
      )}
    </Folded>
  );
}

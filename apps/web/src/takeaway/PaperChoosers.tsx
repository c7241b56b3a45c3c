import { READER_IDS, READERS, type ReaderId } from '@drop-close/core';
import { Checkbox, Segmented, Select } from 'antd';
import { Choice } from '../ui/Choice';
import { DOCUMENT_LABELS, type DocumentKind } from './documents';
import { PAPERS, SIZES, type PaperId, type PaperLook, type PaperSize } from './pages';

const PER_LINE = [2, 3, 4, 5, 6];
const SIZE_LABELS: Readonly<Record<PaperSize, string>> = {
  ...{ small: 'Small', medium: 'Medium', large: 'Large' },
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

const NUMBERS = 'Numbers under the chords';

/** How a document lies on paper. */
export function PaperChoosers({ look, onLook, without = [] }: PaperChoosersProps) {
  const offered = (part: keyof PaperLook): boolean => !without.includes(part);
  const change = (part: Partial<PaperLook>): void => {
    onLook({ ...look, ...part });
  };
  return (
    <Choice
      name="Page"
      value={`${PAPERS[look.paper].label}, ${look.perLine} bars a line`}
      title="How the document lies on paper"
      inside={[
        'Bars a line',
        ...(offered('size') ? ['Size of notes'] : []),
        'Paper',
        ...(offered('numbers') ? [NUMBERS] : []),
      ]}
    >
      {() => (
        <>
          <Parted<number>
            label="Bars a line"
            value={look.perLine}
            options={PER_LINE.map((value) => ({ value, label: value }))}
            onChange={(perLine) => {
              change({ perLine });
            }}
          />
          {offered('size') && (
            <Parted<PaperSize>
              label="Size of notes"
              value={look.size}
              options={(Object.keys(SIZES) as PaperSize[]).map((value) => ({
                value,
                label: SIZE_LABELS[value],
              }))}
              onChange={(size) => {
                change({ size });
              }}
            />
          )}
          <Parted<PaperId>
            label="Paper"
            value={look.paper}
            options={(Object.keys(PAPERS) as PaperId[]).map((value) => ({
              value,
              label: PAPERS[value].label,
            }))}
            onChange={(paper) => {
              change({ paper });
            }}
          />
          {offered('numbers') && (
            <Checkbox
              checked={look.numbers}
              onChange={(event) => {
                change({ numbers: event.target.checked });
              }}
            >
              {NUMBERS}
            </Checkbox>
          )}
        </>
      )}
    </Choice>
  );
}

interface PartedProps<V extends string | number> {
  readonly label: string;
  readonly value: V;
  readonly options: { readonly value: V; readonly label: string | number }[];
  readonly onChange: (value: V) => void;
}

/** One of a few, all of them seen. */
const Parted = <V extends string | number>({ label, ...choice }: PartedProps<V>) => (
  <fieldset>
    <legend>{label}</legend>
    <Segmented<V> aria-label={label} {...choice} />
  </fieldset>
);

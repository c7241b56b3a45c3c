import { READER_IDS, READERS, type ReaderId } from '@drop-close/core';
import { Button, Select } from 'antd';
import { useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { useComposing } from '../comp/useComposing';
import { SHEET_KINDS, type SheetKind } from '../engine/protocol';
import { useSolos } from '../solo/useSolos';
import { useHeading } from '../place/heading';
import { HearLine } from './HearLine';
import { Files } from './Files';
import { OutsideNote } from './OutsideNote';
import { PaperChoosers, ReaderChooser } from './PaperChoosers';
import type { PaperId } from './pages';
import { SheetOnStand, SheetPages } from './SheetPages';
import { isComped, useSheet } from './useSheet';

const LABELS: Readonly<Record<SheetKind, string>> = {
  'lead sheet': 'Lead sheet',
  voicings: 'Voicings',
  comp: 'Comp part',
  'comp rhythm': 'Comp rhythm, in slashes',
  'solo line': 'Solo line with degrees',
  roots: 'Roots',
  arpeggios: 'Arpeggios',
  'guide tones': 'Guide tones',
};
/** Documents that a player of another instrument reads. */
const FOR_READERS: readonly SheetKind[] = [
  ...(['lead sheet', 'solo line', 'roots', 'arpeggios', 'guide tones'] as const),
];
/** Documents of one line, which is heard over the band; of the others the choruses are. */
const LINES: readonly SheetKind[] = ['solo line', 'roots', 'arpeggios', 'guide tones'];

/** A document as it will be printed, and its files. */
export function PagesSide() {
  const [parameters, setParameters] = useSearchParams();
  const kind = SHEET_KINDS.find((each) => each === parameters.get('sheet')) ?? SHEET_KINDS[0];
  const wanted = READER_IDS.find((each) => each === parameters.get('for')) ?? 'concert';
  const reader = FOR_READERS.includes(kind) ? wanted : 'concert';
  const [octaves, setOctaves] = useState({ of: '', by: 0 });
  const [perLine, setPerLine] = useState(4);
  const [paper, setPaper] = useState<PaperId>('A4');
  const [onStand, setOnStand] = useState(false);
  const { title, key, tempo, feel } = useHeading();
  const { solos } = useSolos();
  const chosen = solos.find(({ id }) => id === parameters.get('line')) ?? solos[0];
  const solo = kind === 'solo line' ? chosen : undefined;
  const name = `${kind} ${reader} ${solo?.id ?? ''}`;
  const by = octaves.of === name ? octaves.by : 0;
  const request = useMemo(
    () => ({
      ...{ kind, reader, title, key, tempo, feel },
      octaves: by,
      ...(solo && { solo: { name: solo.name, line: solo.line } }),
    }),
    [kind, reader, title, key, tempo, feel, by, solo],
  );
  const sheet = useSheet(request);
  const choose = (change: { sheet?: SheetKind; for?: ReaderId; line?: string }): void => {
    const line = chosen ? { line: chosen.id } : {};
    setParameters({ sheet: kind, for: wanted, ...line, ...change }, { replace: true });
  };
  const pages = sheet &&
    sheet !== 'none' && {
      ...{ score: sheet.score, perLine, paper },
      reader: FOR_READERS.includes(kind) ? READERS[reader].label : LABELS[kind],
    };
  return (
    <>
      {isComped(kind) && <Composing />}
      <div className="takeaway-bar">
        <Select<SheetKind>
          aria-label="Document"
          value={kind}
          popupMatchSelectWidth={false}
          options={SHEET_KINDS.map((value) => ({ value, label: LABELS[value] }))}
          onChange={(chosen) => {
            choose({ sheet: chosen });
          }}
        />
        {solo && (
          <Select
            aria-label="Which line"
            value={solo.id}
            popupMatchSelectWidth={false}
            options={solos.map(({ id, name: label }) => ({ value: id, label }))}
            onChange={(line) => {
              choose({ line });
            }}
          />
        )}
        {FOR_READERS.includes(kind) && (
          <ReaderChooser
            reader={reader}
            onChange={(chosen) => {
              choose({ for: chosen });
            }}
          />
        )}
        <PaperChoosers perLine={perLine} onPerLine={setPerLine} paper={paper} onPaper={setPaper} />
        {LINES.includes(kind) && sheet && sheet !== 'none' && <HearLine score={sheet.score} />}
        <Button
          disabled={!pages}
          onClick={() => {
            setOnStand(true);
          }}
        >
          Pages on the stand
        </Button>
        <Files sheet={sheet} name={`${title}, ${LABELS[kind].toLowerCase()}`} />
      </div>
      {sheet !== 'none' && sheet && (
        <OutsideNote
          sheet={sheet}
          reader={reader}
          onMove={(more) => {
            setOctaves({ of: name, by: by + more });
          }}
        />
      )}
      {!sheet && <p className="quiet">Writing it out…</p>}
      {sheet === 'none' && (
        <p className="quiet">
          {kind === 'solo line'
            ? 'This tune has no solo line yet: bring one in on the Comp screen, or have one made there.'
            : 'There is nothing to write out yet: this tune is not voiced. See Voice for the reason.'}
        </p>
      )}
      {pages && <SheetPages {...pages} />}
      {pages && onStand && (
        <SheetOnStand
          {...pages}
          onClose={() => {
            setOnStand(false);
          }}
        />
      )}
    </>
  );
}

/** Keeps the choruses composed while their part is seen. */
function Composing() {
  useComposing();
  return null;
}

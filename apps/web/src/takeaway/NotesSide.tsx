import {
  READERS,
  type SheetKind,
  type SheetRequest,
  isForReaders,
  isOfSolo,
  usualReader,
} from '@drop-close/core';
import { Select } from 'antd';
import { useMemo, useState, type ReactNode } from 'react';
import { useTune } from '../document/store';
import { useHeading } from '../place/heading';
import { useProfile } from '../profile/profileStore';
import { useSolos } from '../solo/useSolos';
import { DOCUMENT_LABELS, isLine } from './documents';
import { Files } from './Files';
import { HearLine } from './HearLine';
import { OnStand } from './OnStand';
import { OutsideNote } from './OutsideNote';
import type { PaperLook } from './pages';
import { PaperStack } from './Paper';
import { PaperChoosers, ReaderChooser } from './PaperChoosers';
import { useSheetPages } from './SheetPages';
import type { Chosen } from './useChosen';
import { setPaperLook } from './usePaperLook';
import { useSheet } from './useSheet';

/** Where a document needs a voiced tune. */
export const NOT_VOICED =
  'There is nothing to write out yet: this tune is not voiced. See Voice for the reason.';

const NO_LINE =
  'This tune has no solo line yet: bring one in on the Comp screen, or have one made there.';

interface NotesSideProps {
  readonly chooser: ReactNode;
  readonly look: PaperLook;
  readonly kind: SheetKind;
  readonly chosen: Chosen;
  readonly choose: (change: Partial<Chosen>) => void;
}

/** A document in notes, for whoever reads it. */
export function NotesSide({ kind, chosen, choose, chooser, look }: NotesSideProps) {
  const { instrument } = useTune().setup;
  const wanted = isForReaders(kind) ? chosen.reader : undefined;
  const reader = wanted ?? usualReader(kind, instrument);
  const { solos } = useSolos();
  const solo = isOfSolo(kind)
    ? (solos.find(({ id }) => id === chosen.line) ?? solos[0])
    : undefined;
  const { title, key, tempo, feel } = useHeading();
  const { school } = useProfile().writing;
  const [octaves, setOctaves] = useState({ of: '', by: 0 });
  const name = `${kind} ${reader} ${solo?.id ?? ''}`;
  const by = octaves.of === name ? octaves.by : 0;
  const { numbers } = look;
  const request = useMemo(
    (): SheetRequest => ({
      ...{ kind, reader, title, key, tempo, feel, numbers, school, octaves: by },
      ...(solo && { solo: { name: solo.name, line: solo.line } }),
    }),
    [kind, reader, title, key, tempo, feel, numbers, school, by, solo],
  );
  const answer = useSheet(request);
  const sheet = answer === 'none' ? undefined : answer;
  const under = isForReaders(kind) ? READERS[reader].label : DOCUMENT_LABELS[kind];
  const pages = useSheetPages(sheet && { score: sheet.score, under, look });
  return (
    <>
      <div className="takeaway-bar">
        {chooser}
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
        {isForReaders(kind) && (
          <ReaderChooser
            reader={reader}
            onChange={(next) => {
              choose({ reader: next });
            }}
          />
        )}
        <PaperChoosers look={look} onLook={setPaperLook} />
        {(isLine(kind) || kind === 'scales') && sheet && (
          <HearLine score={sheet.score} overBand={isLine(kind)} />
        )}
        <OnStand pages={pages} look={look} />
        <Files
          name={`${title}, ${DOCUMENT_LABELS[kind].toLowerCase()}`}
          score={sheet?.score}
          part={isLine(kind) || kind === 'scales' ? 'solo' : 'comp'}
          picture={undefined}
        />
      </div>
      {sheet && (
        <OutsideNote
          sheet={sheet}
          reader={reader}
          onMove={(more) => {
            setOctaves({ of: name, by: by + more });
          }}
        />
      )}
      {!answer && <p className="quiet">Writing it out…</p>}
      {answer === 'none' && <p className="quiet">{isOfSolo(kind) ? NO_LINE : NOT_VOICED}</p>}
      {sheet && <PaperStack paper={look.paper}>{pages}</PaperStack>}
    </>
  );
}

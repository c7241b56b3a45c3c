import {
  familyOf,
  families,
  prettyDegree,
  voicingKey,
  type FamilyId,
  type FamilyTable,
  type Voicing,
} from '@drop-close/core';
import { Button, Modal, Select } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { useTune } from '../../document/store';
import { engine } from '../../engine/client';
import type { VoicedChorus } from '../../engine/protocol';
import { useBand } from '../../playback/useBand';
import { useSelection } from '../../place/selection';
import { plainSymbol } from '../../ui/symbol';
import { easeOf, voicingName } from '../desk/describe';
import { useVoiceActions } from '../desk/useVoiceActions';
import { useVoiceDesk } from '../desk/useVoiceDesk';
import { BrowserTable } from './BrowserTable';
import './browser.css';

const FAMILIES = families.map(({ id, label }) => ({ value: id, label }));
const close = (): void => {
  useVoiceDesk.setState({ browser: false });
};

/** Every grip of a family for the chord in hand: the neck, or the keyboard, seen whole. */
export function FamilyBrowser({ chorus }: { chorus: VoicedChorus }) {
  const { index, event } = useSelection();
  const { setup } = useTune();
  const { take } = useVoiceActions();
  const { hear } = useBand();
  const [family, setFamily] = useState<FamilyId>(setup.families[0] ?? 'drop2');
  const [picked, setPicked] = useState<Voicing>();
  const table = useFamilyTable(chorus.id, index, family);
  const [open, setOpen] = useState(false);
  const begun = useRef(false);
  // A dialog that is still opening takes the focus to itself: both have to be there.
  useEffect(() => {
    if (!table || !open || begun.current) return;
    begun.current = true;
    document.querySelector<HTMLElement>('.browser-grip')?.focus();
  }, [table, open]);
  const symbol = event?.chord.symbol ?? '';
  const use = (voicing: Voicing): void => {
    take(voicing);
    close();
  };
  return (
    <Modal
      open
      afterOpenChange={setOpen}
      onCancel={close}
      width="min(76rem, 96vw)"
      title={`Every grip of ${plainSymbol(symbol)}`}
      footer={
        <div className="browser-foot">
          <span role="status">
            {picked
              ? `${voicingName(picked)}: ${picked.notes.map(({ degree }) => prettyDegree(degree)).join(' ')}, ${easeOf(picked)}`
              : 'Arrows go from grip to grip, Enter sounds one, L takes it.'}
          </span>
          <Button
            type="primary"
            disabled={!picked}
            onClick={() => {
              if (picked) use(picked);
            }}
          >
            Use it and lock it
          </Button>
        </div>
      }
    >
      <div className="browser-head">
        <Select<FamilyId>
          aria-label="Family"
          value={family}
          options={FAMILIES}
          popupMatchSelectWidth={false}
          onChange={(id) => {
            setPicked(undefined);
            setFamily(id);
          }}
        />
        <span className="quiet">{familyOf(family).about}</span>
      </div>
      {table && (
        <BrowserTable
          key={family}
          table={table}
          picked={picked && voicingKey(picked)}
          onPick={(voicing) => {
            setPicked(voicing);
            hear(voicing);
          }}
          onUse={use}
        />
      )}
    </Modal>
  );
}

function useFamilyTable(id: number, index: number, family: FamilyId): FamilyTable | undefined {
  const [answer, setAnswer] = useState<{ of: string; table: FamilyTable | undefined }>();
  const of = `${id} ${index} ${family}`;
  useEffect(() => {
    let gone = false;
    void engine.browse(id, index, family).then((table) => {
      if (!gone) setAnswer({ of: `${id} ${index} ${family}`, table });
    });
    return () => {
      gone = true;
    };
  }, [id, index, family]);
  return answer?.of === of ? answer.table : undefined;
}

import { FOUR_FOUR, countedBars, readNotes, type Lick, type LickView } from '@drop-close/core';
import { App, Button } from 'antd';
import { useState } from 'react';
import type { ComposedChoruses } from '../../engine/protocol';
import { useSelection } from '../../place/selection';
import { useBand } from '../../playback/useBand';
import { useHeading } from '../../place/heading';
import { useLicks } from '../desk/useLicks';
import { linePlan } from '../../solo/linePlan';
import { LayLicks } from './LayLicks';
import { LickForm } from './LickForm';
import { blankLick, inWords, phraseIn } from './lickText';
import { useNotation } from '../../profile/useNotation';
import { Term } from '../../ui/terms/Term';

/** The phrase bank: licks of one's own with their answers, and how they are laid over the chorus. */
export function LicksTab({ composed }: { composed: ComposedChoruses }) {
  const { licks, failure, add, change, remove, restore } = useLicks();
  const { notification } = App.useApp();
  const { hearPlan } = useBand();
  const { note: nameOf } = useNotation();
  const { event } = useSelection();
  const { key } = useHeading();
  const [open, setOpen] = useState<Lick | LickView>();
  const { timeline, line } = composed;
  const meter = countedBars(timeline)[0]?.meter ?? FOUR_FOUR;
  const bar = event?.bar ?? 1;
  const phrase = phraseIn(line, timeline, bar);
  const root = /^[A-G][b#]?/.exec(key)?.[0] ?? 'C';
  const keep = (lick: Lick): void => {
    if (open && 'id' in open) change({ ...open, ...lick });
    else add.mutate(lick);
    setOpen(undefined);
  };
  const throwAway = ({ id, name }: LickView): void => {
    const putBack = (
      <Button
        onClick={() => {
          restore.mutate(id);
          notification.destroy(id);
        }}
      >
        Put it back
      </Button>
    );
    const onSuccess = (): void => {
      notification.info({ title: `“${name}” is thrown away`, actions: putBack, key: id });
    };
    remove.mutate(id, { onSuccess });
  };
  if (open) {
    return (
      <LickForm
        lick={open}
        meter={meter}
        onKeep={keep}
        onLeave={() => {
          setOpen(undefined);
        }}
      />
    );
  }
  return (
    <>
      {failure && <p className="fault">{failure}</p>}
      {add.error && <p className="fault">{add.error.message}</p>}
      <LayLicks licks={licks} />
      <h3>
        Your <Term of="lick">licks</Term>
      </h3>
      {licks.length === 0 && (
        <p className="quiet">None yet: write one, or take one from a solo line.</p>
      )}
      <ul className="solos licks">
        {licks.map((lick) => (
          <li key={lick.id}>
            <b>{lick.name}</b>
            <span className="quiet">{inWords(lick, meter, nameOf)}</span>
            <Button
              size="small"
              type="text"
              aria-label={`Hear: ${lick.name}`}
              onClick={() => {
                const read = readNotes(lick.notes);
                if (read.ok) hearPlan(linePlan({ notes: read.value.notes, written: true }));
              }}
            >
              Hear
            </Button>
            <Button
              size="small"
              type="text"
              aria-label={`Edit: ${lick.name}`}
              onClick={() => {
                setOpen(lick);
              }}
            >
              Edit
            </Button>
            <Button
              size="small"
              type="text"
              aria-label={`Throw away: ${lick.name}`}
              onClick={() => {
                throwAway(lick);
              }}
            >
              Throw away
            </Button>
          </li>
        ))}
      </ul>
      <div className="hit-tools">
        <Button
          size="small"
          onClick={() => {
            setOpen(blankLick(root));
          }}
        >
          Write a lick…
        </Button>
        {phrase && (
          <Button
            size="small"
            onClick={() => {
              setOpen({ ...blankLick(root), notes: phrase });
            }}
          >
            Use the phrase in bar {bar}…
          </Button>
        )}
      </div>
    </>
  );
}

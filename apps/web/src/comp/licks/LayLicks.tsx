import {
  CALLERS,
  LICK_PLACES,
  type Caller,
  type LaidOver,
  type Lick,
  type LickPlace,
} from '@drop-close/core';
import { Button, Segmented } from 'antd';
import { useState } from 'react';
import { changeComp, compActions } from '../desk/compActions';
import { useCompDesk } from '../desk/useCompDesk';
import { useSolos } from '../../solo/useSolos';

const CALLER_LABELS: Readonly<Record<Caller, string>> = {
  line: 'Line calls, chords answer',
  chords: 'Chords call, line answers',
};
const PLACE_LABELS: Readonly<Record<LickPlace, string>> = {
  key: 'In the key of the tune',
  chord: 'On the root of each chord',
};

type Laid = Pick<LaidOver, 'laid' | 'leftOut'>;

/** Licks laid over the choruses, chords in the gaps, for one pair of hands. */
export function LayLicks({ licks }: { licks: readonly Lick[] }) {
  const [calls, setCalls] = useState<Caller>('line');
  const [place, setPlace] = useState<LickPlace>('key');
  const [problem, setProblem] = useState<string>();
  const [laid, setLaid] = useState<Laid>({ laid: [], leftOut: [] });
  const { add } = useSolos();
  const { seed } = useCompDesk();
  const lay = async (): Promise<void> => {
    const own = licks.map(({ name, key, notes, answer }) => ({ name, key, notes, answer }));
    const made = await compActions.layLicks({ licks: own, calls, place, seed });
    if (!made) return;
    setProblem(made.ok ? undefined : made.problem);
    if (!made.ok) return;
    const { line, hits, decisions } = made.value;
    const { id } = await add.mutateAsync({ name: `Licks ${seed}`, line });
    changeComp({ behind: id, hits, ownLine: true });
    useCompDesk.setState({ decisions, hit: undefined, seed: seed + 1 });
    setLaid(made.value);
  };
  return (
    <section aria-label="Place licks over the chorus">
      <h3>Over the chorus</h3>
      <div className="hit-tools">
        <Segmented<Caller>
          size="small"
          aria-label="Who calls"
          value={calls}
          options={CALLERS.map((value) => ({ value, label: CALLER_LABELS[value] }))}
          onChange={setCalls}
        />
        <Segmented<LickPlace>
          size="small"
          aria-label="Where the licks go"
          value={place}
          options={LICK_PLACES.map((value) => ({ value, label: PLACE_LABELS[value] }))}
          onChange={setPlace}
        />
        <Button type="primary" size="small" onClick={() => void lay()}>
          Place licks, with chords in the gaps
        </Button>
      </div>
      {problem && <p className="fault">{problem}</p>}
      {add.error && <p className="fault">{add.error.message}</p>}
      {laid.leftOut.map((why) => (
        <p key={why} className="quiet">
          Left out: {why}
        </p>
      ))}
      {laid.laid.length > 0 && (
        <ul className="comp-reasons" aria-label="Placed licks">
          {laid.laid.map(({ name, fromBar, toBar }) => (
            <li key={fromBar}>
              <b>{fromBar === toBar ? `Bar ${fromBar}` : `Bars ${fromBar}–${toBar}`}</b> {name}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

import { fitArrangement, instrumentOf, presets, type Arrangement } from '@drop-close/core';
import { useMutation, useQuery } from '@tanstack/react-query';
import { Button, Input, Modal, Select } from 'antd';
import { useMemo, useState } from 'react';
import { api } from '../../api/client';
import { useDocument, useTune, useStoredTune } from '../../document/store';
import type { VoicedChorus } from '../../engine/protocol';
import { FIGURE_TERMS, figuresOf, summaryFor } from '../figures/figuresOf';
import { useProfile } from '../../profile/profileStore';
import { useSelection } from '../../place/selection';
import { useNotation } from '../../profile/useNotation';
import { toggleDesk } from '../desk/useVoiceDesk';
import { CompareThreads } from './CompareThreads';
import { useCompared } from './useCompared';
import { useSideBySide } from './useSideBySide';
import { Term } from '../../ui/terms/Term';
import './compare.css';

/** An arrangement that can be set beside another. */
interface Choice {
  readonly id: string;
  readonly label: string;
  readonly setup: Arrangement;
}

/** Two arrangements of the tune, side by side: threads, figures, and by ear. */
export default function ComparePanel() {
  const { index, event } = useSelection();
  const choices = useChoices();
  const [left, setLeft] = useState('this');
  const [right, setRight] = useState(presets[1]!.id);
  const pair = [left, right].map((id) => choices.find((each) => each.id === id) ?? choices[0]!);
  const [a, b] = pair as [Choice, Choice];
  const compared = useCompared(a.setup, b.setup);
  const { hear } = useSideBySide(event?.bar ?? 1);
  const { dispatch } = useDocument.getState();
  return (
    <Modal
      open
      title="Two arrangements side by side"
      width={1100}
      footer={null}
      onCancel={() => {
        toggleDesk('compare');
      }}
    >
      <div className="compare-sides">
        {[a, b].map((choice, side) => (
          <section key={side} aria-label={side === 0 ? 'First' : 'Second'}>
            <div className="compare-head">
              <Select
                aria-label={side === 0 ? 'First' : 'Second'}
                value={choice.id}
                options={choices.map(({ id, label }) => ({ value: id, label }))}
                popupMatchSelectWidth={false}
                onChange={side === 0 ? setLeft : setRight}
              />
              <Button
                disabled={!compared}
                onClick={() => {
                  if (compared) hear([compared[side]!], choice.setup);
                }}
              >
                Hear four bars
              </Button>
              {choice.id !== 'this' && (
                <Button
                  onClick={() => {
                    dispatch({ type: 'set up', change: choice.setup });
                    toggleDesk('compare');
                  }}
                >
                  Use this one
                </Button>
              )}
            </div>
            {compared && (
              <CompareThreads chorus={compared[side]!} room={choice.setup.room} selected={index} />
            )}
          </section>
        ))}
      </div>
      {compared ? (
        <>
          <Button
            onClick={() => {
              hear(compared, a.setup);
            }}
          >
            Hear one after the other, from bar {event?.bar ?? 1}
          </Button>
          <FigureTable compared={compared} setups={[a.setup, b.setup]} names={[a.label, b.label]} />
        </>
      ) : (
        <p className="quiet">Voicing both…</p>
      )}
      <KeepThis onKept={setRight} />
    </Modal>
  );
}

/** This arrangement, the others kept with the tune, and this one with another taste. */
function useChoices(): Choice[] {
  const { setup, positions } = useTune();
  const origin = useDocument((state) => state.origin);
  const tuneId = origin?.tuneId ?? '';
  const kept = useQuery({
    queryKey: ['arrangements', tuneId],
    queryFn: () => api.tune(tuneId).then(({ arrangements }) => arrangements),
    enabled: tuneId !== '',
  });
  return useMemo(() => {
    const others = (kept.data ?? [])
      .filter(({ id }) => id !== origin?.arrangementId)
      .map(({ id, name, setup: stored }) => {
        return { id, label: name, setup: fitArrangement(stored, positions).arrangement };
      });
    const tastes = presets.map(({ id, label, weights }) => ({
      id,
      label: `This one, ${label.toLowerCase()}`,
      setup: { ...setup, weights },
    }));
    return [{ id: 'this', label: 'This arrangement', setup }, ...others, ...tastes];
  }, [kept.data, origin, setup, positions]);
}

interface FigureTableProps {
  readonly compared: readonly VoicedChorus[];
  readonly setups: readonly Arrangement[];
  readonly names: readonly string[];
}

function FigureTable({ compared, setups, names }: FigureTableProps) {
  const profile = useProfile();
  const { note } = useNotation();
  const columns = compared.map((chorus, side) => {
    const { outcome, timeline } = chorus;
    if (outcome.status !== 'found') return new Map([['Motion', outcome.why]]);
    const summary = summaryFor(chorus, outcome, instrumentOf(setups[side]!, profile));
    return new Map(figuresOf(summary, timeline.events, note));
  });
  const rows = [...new Set(columns.flatMap((column) => [...column.keys()]))];
  return (
    <table className="compare-table">
      <thead>
        <tr>
          <td />
          {names.map((name, side) => (
            <th key={side} scope="col">
              {name}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <tr key={row}>
            <th scope="row">
              <Term of={FIGURE_TERMS[row]}>{row}</Term>
            </th>
            {columns.map((column, side) => (
              <td key={side}>{column.get(row) ?? '–'}</td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** Keeps the arrangement in hand under a name, beside the tune's others, and tells which it became. */
function KeepThis({ onKept }: { onKept: (id: string) => void }) {
  const { setup } = useStoredTune();
  const origin = useDocument((state) => state.origin);
  const [name, setName] = useState('');
  const keep = useMutation({
    mutationFn: () => api.createArrangement(origin!.tuneId, { name: name.trim(), setup }),
    onSuccess: async ({ id }, _, __, { client }) => {
      setName('');
      await client.invalidateQueries({ queryKey: ['arrangements', origin!.tuneId] });
      onKept(id);
    },
  });
  return (
    <form
      className="compare-keep"
      onSubmit={(event) => {
        event.preventDefault();
        if (name.trim() && origin) keep.mutate();
      }}
    >
      <Input
        aria-label="A name for this arrangement"
        placeholder="a name"
        maxLength={80}
        value={name}
        onChange={({ target }) => {
          setName(target.value);
        }}
      />
      <Button htmlType="submit" disabled={!name.trim()} loading={keep.isPending}>
        Save this arrangement beside it
      </Button>
      {keep.isError && (
        <span className="fault" role="alert">
          {keep.error.message}
        </span>
      )}
    </form>
  );
}

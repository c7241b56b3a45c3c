import {
  itemKey,
  nextLayers,
  planSession,
  type Known,
  type SessionAim,
  type SessionPart,
  type SetView,
} from '@drop-close/core';
import { Button, InputNumber, Select } from 'antd';
import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import type { ListedTune } from '@drop-close/core';
import { endOfDay } from '../base/localDay';
import { beginSession, useSession } from './sessionStore';
import { placeOfStep } from './steps';
import { useStepWords } from './useStepWords';
import { Term } from '../../ui/terms/Term';
import { capital } from '../base/capital';

interface SessionMakerProps {
  readonly known: readonly Known[];
  readonly tunes: readonly ListedTune[];
  readonly sets: readonly SetView[];
}

const USUAL = 20;
const SHORTEST = 5;
const LONGEST = 240;

/** So many minutes, for an aim: what the session would be is seen before it begins. */
export function SessionMaker({ known, tunes, sets }: SessionMakerProps) {
  const [minutes, setMinutes] = useState(USUAL);
  const [aim, setAim] = useState<SessionAim>({ kind: 'due' });
  const navigate = useNavigate();
  const words = useStepWords();
  const parts = useMemo(
    () => partsOf(minutes, aim, known, tunes, sets),
    [minutes, aim, known, tunes, sets],
  );
  const begin = (): void => {
    beginSession(aim, parts);
    const first = useSession.getState().session?.steps[0];
    const place = first && placeOfStep(first);
    if (place) void navigate(place);
  };
  return (
    <section className="session-maker" aria-labelledby="session-maker">
      <h2 id="session-maker">
        A <Term of="session">session</Term>
      </h2>
      <p className="session-wish">
        <label>
          <InputNumber
            aria-label="Minutes"
            min={SHORTEST}
            max={LONGEST}
            precision={0}
            value={minutes}
            onChange={(value) => {
              if (value !== null) setMinutes(value);
            }}
          />{' '}
          minutes for
        </label>{' '}
        <Select
          aria-label="What it is for"
          value={valueOf(aim)}
          onChange={(value) => {
            setAim(aimOf(value));
          }}
          options={[
            { value: 'due', label: 'what is due' },
            ...sets.map(({ id, name, day }) => ({
              value: `set ${id}`,
              label: day === undefined ? name : `${name} (${day})`,
            })),
            ...tunes.map(({ id, title }) => ({ value: `tune ${id}`, label: title })),
          ]}
          showSearch={{ optionFilterProp: 'label' }}
          popupMatchSelectWidth={false}
        />{' '}
        <Button type="primary" disabled={!parts.length} onClick={begin}>
          Begin
        </Button>
      </p>
      <ol className="session-plan" aria-label="What the session would be">
        {parts.map((part, at) => (
          <li key={at}>
            <span>
              {part.kind === 'new' && <b>New: </b>}
              {part.kind === 'new' ? words(asStep(part)) : capital(words(asStep(part)))}
            </span>{' '}
            <span className="quiet">{part.minutes} min</span>
          </li>
        ))}
      </ol>
    </section>
  );
}

/** What a session would be made of: what is due by tonight, the next layer of each tune it is for, a tune. */
function partsOf(
  minutes: number,
  aim: SessionAim,
  known: readonly Known[],
  tunes: readonly ListedTune[],
  sets: readonly SetView[],
): SessionPart[] {
  const set = sets.find(({ id }) => aim.kind === 'set' && id === aim.id);
  const own = aim.kind === 'tune' ? [aim.id!] : set?.tuneIds;
  const all = tunes.map(({ id }) => id);
  const practised = new Set(
    known.map(({ item }) => (item.kind === 'layer' ? item.tuneId : undefined)),
  );
  const begun = all.filter((id) => practised.has(id));
  // Without an aim, what is new is of a tune that was begun, if there is one.
  const next = nextLayers(own ?? (begun.length ? begun : all), known);
  const candidates = [...known, ...next.map((item): Known => ({ item, schedule: undefined }))];
  const wish = { minutes, now: endOfDay(Date.now()), ...(own && { tunes: own }) };
  return planSession(wish, candidates, begun.length ? begun : all);
}

const asStep = (part: SessionPart) => ({
  ...{ id: '', minutes: part.minutes, seconds: 0, state: 'to come' as const, kind: part.kind },
  ...('item' in part && { item: itemKey(part.item) }),
  ...('tuneId' in part && { tuneId: part.tuneId }),
});

const valueOf = ({ kind, id }: SessionAim): string => (id === undefined ? kind : `${kind} ${id}`);

function aimOf(value: string): SessionAim {
  const [kind, id] = value.split(' ');
  return kind === 'set' || kind === 'tune' ? { kind, id: id! } : { kind: 'due' };
}

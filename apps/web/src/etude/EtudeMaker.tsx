import {
  CIRCLE_KINDS,
  CYCLES,
  families,
  prettyDegree,
  type CircleKind,
  type Cycle,
  type Etude,
  type EtudeRequest,
  type FamilyId,
} from '@drop-close/core';
import { useMutation } from '@tanstack/react-query';
import { Alert, Button, InputNumber, Modal, Select } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { CareNote } from '../care/CareNote';
import { play } from '../playback/player';
import { ChoiceField } from '../profile/ChoiceField';
import { INSTRUMENT_OPTIONS } from '../profile/instrumentOptions';
import { Field } from '../profile/Field';
import { useProfile } from '../profile/profileStore';
import { allRooms } from '../room/rooms';
import { plainSymbol } from '../ui/symbol';
import { etudeLength, firstRoundPlan, METER } from './etudePlan';
import { saveEtude } from './saveEtude';
import { useEtude } from './useEtude';
import './etude.css';

const KEYS = ['C', 'F', 'Bb', 'Eb', 'Ab', 'Db', 'Gb', 'B', 'E', 'A', 'D', 'G'];
const KEY_OPTIONS = [
  {
    label: 'Major',
    options: KEYS.map((key) => ({ value: key, label: `${plainSymbol(key)} major` })),
  },
  {
    label: 'Minor',
    options: KEYS.map((key) => ({ value: `${key}m`, label: `${plainSymbol(key)} minor` })),
  },
];
const CYCLE_LABELS: Readonly<Record<Cycle, string>> = {
  'circle of fourths': 'All keys, by fourths',
  'diatonic fourths': 'One key, by fourths',
  'diatonic fifths': 'One key, by fifths',
};

/** Quarter notes a minute: slow enough to find the next grip. */
const SLOW = 80;

/** An étude: a family, a cycle, every inversion on every string set; made into a tune of the book. */
export default function EtudeMaker({ onClose }: { onClose: () => void }) {
  const profile = useProfile();
  const [request, setRequest] = useState<EtudeRequest>({
    family: profile.families[0] ?? 'drop2',
    cycle: 'circle of fourths',
    kind: '7',
    key: 'C',
    triads: false,
    instrument: profile.instrument,
    room: allRooms(profile.rooms)[0]!,
  });
  const [tempo, setTempo] = useState(SLOW);
  const made = useEtude(request);
  const navigate = useNavigate();
  const save = useMutation({
    mutationFn: (etude: Etude) => saveEtude(etude, tempo),
    onSuccess: (tuneId) => navigate(`/tune/${tuneId}/voice`),
  });
  const change = (part: Partial<EtudeRequest>): void => {
    setRequest((before) => ({ ...before, ...part }));
  };
  const etude = made?.etude;
  return (
    <Modal
      open
      title="A new étude"
      width={620}
      onCancel={onClose}
      footer={[
        <Button
          key="hear"
          disabled={!etude}
          onClick={() => {
            if (etude) void hearFirstRound(etude, tempo);
          }}
        >
          Hear the first round
        </Button>,
        <Button
          key="make"
          type="primary"
          disabled={!etude}
          loading={save.isPending}
          onClick={() => {
            if (etude) save.mutate(etude);
          }}
        >
          Put it in the book
        </Button>,
      ]}
    >
      <div className="etude-fields">
        <ChoiceField
          id="etude-instrument"
          label="Instrument"
          about="Instrument"
          value={request.instrument}
          options={INSTRUMENT_OPTIONS}
          onChoose={(instrument) => {
            change({ instrument });
          }}
        />
        <Field id="etude-family" label="Family">
          <Select<FamilyId>
            id="etude-family"
            value={request.family}
            options={families.map(({ id, label }) => ({ value: id, label }))}
            onChange={(family) => {
              change({ family });
            }}
          />
        </Field>
        <ChoiceField<Cycle>
          id="etude-cycle"
          label="Cycle"
          about="Cycle"
          value={request.cycle}
          options={CYCLES.map((value) => ({ value, label: CYCLE_LABELS[value] }))}
          onChoose={(cycle) => {
            change({ cycle });
          }}
        />
        {request.cycle === 'circle of fourths' ? (
          <Field id="etude-kind" label="Chord">
            <Select<CircleKind>
              id="etude-kind"
              value={request.kind}
              options={CIRCLE_KINDS.map((kind) => ({
                value: kind,
                label: plainSymbol(`C${kind}`),
              }))}
              onChange={(kind) => {
                change({ kind });
              }}
            />
          </Field>
        ) : (
          <>
            <Field id="etude-key" label="Key">
              <Select
                id="etude-key"
                value={request.key}
                options={KEY_OPTIONS}
                onChange={(key: string) => {
                  change({ key });
                }}
              />
            </Field>
            <ChoiceField
              id="etude-chords"
              label="Chords"
              about="Chords"
              value={request.triads ? 'triads' : 'sevenths'}
              options={[
                { value: 'sevenths', label: 'Sevenths' },
                { value: 'triads', label: 'Triads' },
              ]}
              onChoose={(chords) => {
                change({ triads: chords === 'triads' });
              }}
            />
          </>
        )}
        <Field id="etude-tempo" label="Tempo">
          <InputNumber
            id="etude-tempo"
            min={30}
            max={360}
            value={tempo}
            onChange={(value) => {
              if (value !== null) setTempo(value);
            }}
          />
        </Field>
      </div>
      <div role="status">
        {!made && <p className="quiet">Making it…</p>}
        {made?.problem && <p className="fault">{made.problem}</p>}
        {etude && <Rounds etude={etude} tempo={tempo} />}
      </div>
      {save.isError && (
        <Alert
          type="warning"
          title="It did not get into the book"
          description={save.error.message}
        />
      )}
    </Modal>
  );
}

/** What the étude will be: its rounds, how many chords, how long. */
function Rounds({ etude, tempo }: { etude: Etude; tempo: number }) {
  const chords = etude.rounds.reduce((sum, { path }) => sum + path.length, 0);
  return (
    <>
      <p>
        <b>{etude.title}</b>: {etude.rounds.length} rounds, {chords} chords, about{' '}
        {etudeLength(chords, tempo)}. Each round begins where the last one ended.
      </p>
      <ol className="etude-rounds quiet">
        {etude.rounds.map(({ strings, bottom }, at) => (
          <li key={at}>
            {strings && `strings ${strings}, `}
            {prettyDegree(bottom)} below
          </li>
        ))}
      </ol>
      <CareNote about="hands" />
    </>
  );
}

const hearFirstRound = (etude: Etude, tempo: number): Promise<void> => {
  const { instrument } = etude.setup;
  return play({ what: 'voice', plan: firstRoundPlan(etude), tempo, meter: METER, instrument });
};

import {
  CIRCLE_KINDS,
  CYCLES,
  families,
  familyOf,
  PLAYED,
  TOPS,
  TWELVE_KEYS,
  type CircleKind,
  type Cycle,
  type EtudeRequest,
  type FamilyId,
  type Played,
  type Top,
  type Way,
} from '@drop-close/core';
import { Select } from 'antd';
import { ChoiceField } from '../profile/ChoiceField';
import { Field } from '../profile/Field';
import { INSTRUMENT_OPTIONS } from '../profile/instrumentOptions';
import { useInstruments } from '../profile/useInstruments';
import { useProfile } from '../profile/profileStore';
import { allRooms } from '../room/rooms';
import { plainSymbol } from '../ui/symbol';
import { setOptions } from '../voice/setup/stringSets';
import { PLAYED_LABELS } from './playedLabels';

const KEYS = TWELVE_KEYS;
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
  'circle of fourths': 'One chord through all keys, by fourths',
  'diatonic fourths': 'The chords of one key, by fourths',
  'diatonic fifths': 'The chords of one key, by fifths',
  steps: 'The chords of one key, by steps, up and back',
  'ii–V–I': 'ii–V–I through all keys, by fourths',
};
const TOP_LABELS: Readonly<Record<Top, string>> = {
  R: 'its root',
  '3': 'its third',
  '5': 'its fifth',
  '7': 'its seventh',
  '9': 'its ninth',
  '11': 'its eleventh',
  '13': 'its thirteenth',
};

interface EtudeFieldsProps {
  readonly request: EtudeRequest;
  readonly onChange: (part: Partial<EtudeRequest>) => void;
}

/** What an étude is made of. */
export function EtudeFields({ request, onChange }: EtudeFieldsProps) {
  const { rooms } = useProfile();
  return (
    <>
      <ChoiceField
        id="etude-instrument"
        label="Instrument"
        about="Instrument"
        value={request.instrument}
        options={INSTRUMENT_OPTIONS}
        onChoose={(instrument) => {
          onChange({ instrument, strings: [] });
        }}
      />
      <Field id="etude-family" label="Family">
        <Select<FamilyId>
          id="etude-family"
          value={request.family}
          options={families
            .filter(({ only }) => only === undefined || request.instrument === 'keyboard')
            .map(({ id, label }) => ({ value: id, label }))}
          onChange={(family) => {
            onChange({ family, strings: [] });
          }}
        />
      </Field>
      <Field id="etude-cycle" label="Cycle">
        <Select<Cycle>
          id="etude-cycle"
          value={request.cycle}
          options={CYCLES.map((value) => ({ value, label: CYCLE_LABELS[value] }))}
          onChange={(cycle) => {
            onChange({ cycle });
          }}
        />
      </Field>
      <CycleFields request={request} onChange={onChange} />
      <ChoiceField<Way>
        id="etude-way"
        label="From chord to chord"
        about="From chord to chord"
        value={request.way}
        options={[
          { value: 'nearest', label: 'The nearest voicing' },
          { value: 'same shape', label: 'The same shape, moved' },
        ]}
        onChoose={(way) => {
          onChange({ way });
        }}
      />
      <StringsField request={request} onChange={onChange} />
      <Field id="etude-played" label="Played">
        <Select<Played>
          id="etude-played"
          value={request.played ?? 'chords'}
          options={PLAYED.map((value) => ({ value, label: PLAYED_LABELS[value] }))}
          onChange={(played) => {
            onChange({ played });
          }}
        />
      </Field>
      <Field id="etude-room" label="Room">
        <Select
          id="etude-room"
          value={request.room.id}
          options={allRooms(rooms).map(({ id, label }) => ({ value: id, label }))}
          onChange={(id) => {
            const room = allRooms(rooms).find((each) => each.id === id);
            if (room) onChange({ room });
          }}
        />
      </Field>
    </>
  );
}

/** What the cycle is of: a kind of chord, or a key. */
function CycleFields({ request, onChange }: EtudeFieldsProps) {
  const { cycle, kind, key, triads, top } = request;
  if (cycle === 'circle of fourths') {
    return (
      <Field id="etude-kind" label="Chord">
        <Select<CircleKind>
          id="etude-kind"
          value={kind}
          options={CIRCLE_KINDS.map((value) => ({ value, label: plainSymbol(`C${value}`) }))}
          onChange={(value) => {
            onChange({ kind: value });
          }}
        />
      </Field>
    );
  }
  return (
    <>
      <Field id="etude-key" label={cycle === 'ii–V–I' ? 'First key' : 'Key'}>
        <Select
          id="etude-key"
          value={key}
          options={KEY_OPTIONS}
          onChange={(value: string) => {
            onChange({ key: value });
          }}
        />
      </Field>
      {cycle === 'ii–V–I' ? (
        <Field id="etude-top" label="On top of every ii">
          <Select<Top | 'anything'>
            id="etude-top"
            value={top ?? 'anything'}
            options={[
              { value: 'anything', label: 'anything' },
              ...TOPS.map((value) => ({ value, label: TOP_LABELS[value] })),
            ]}
            onChange={(value) => {
              onChange({ top: value === 'anything' ? undefined : value });
            }}
          />
        </Field>
      ) : (
        <ChoiceField
          id="etude-chords"
          label="Chords"
          about="Chords"
          value={triads ? 'triads' : 'sevenths'}
          options={[
            { value: 'sevenths', label: 'Sevenths' },
            { value: 'triads', label: 'Triads' },
          ]}
          onChoose={(chords) => {
            onChange({ triads: chords === 'triads' });
          }}
        />
      )}
    </>
  );
}

function StringsField({ request, onChange }: EtudeFieldsProps) {
  const { keyboard, ...fretted } = useInstruments();
  if (request.instrument === keyboard.kind) return null;
  const { tuning } = fretted[request.instrument];
  const { label } = familyOf(request.family);
  return (
    <Field id="etude-strings" label="Strings">
      <Select<string[]>
        id="etude-strings"
        mode="multiple"
        placeholder={`Those of ${label}`}
        value={[...request.strings]}
        options={setOptions([request.family], tuning.length)}
        onChange={(strings) => {
          onChange({ strings });
        }}
      />
    </Field>
  );
}

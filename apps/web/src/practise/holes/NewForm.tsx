import {
  FAMILY_IDS,
  familyOf,
  itemKey,
  KEY_GROUPS,
  QUALITIES,
  type FamilyId,
  type Inversion,
  type KeyGroup,
  type Quality,
} from '@drop-close/core';
import { Modal, Select } from 'antd';
import { useState } from 'react';
import { Field } from '../../profile/Field';
import { useProfile } from '../../profile/profileStore';
import { useInstruments } from '../../profile/useInstruments';
import { INVERSIONS } from '../../voice/desk/describe';
import { placesOf } from './placesOf';
import { useNotation } from '../../profile/useNotation';

interface NewFormProps {
  readonly onChoose: (item: string) => void;
  readonly onClose: () => void;
}

/** A form that was never practised: a family, where it lies, which inversion, of what chord, in which keys. */
export function NewForm({ onChoose, onClose }: NewFormProps) {
  const { note: nameOf } = useNotation();
  const { instrument: own } = useProfile();
  const instrument = useInstruments()[own];
  const [family, setFamily] = useState<FamilyId>('drop2');
  const places = placesOf(family, instrument);
  const [chosenPlace, setPlace] = useState<string>();
  const where =
    chosenPlace !== undefined && places.includes(chosenPlace) ? chosenPlace : places[0]!;
  const [inversion, setInversion] = useState<Inversion>(0);
  const [quality, setQuality] = useState<Quality>('maj7');
  const [keys, setKeys] = useState<KeyGroup>(KEY_GROUPS[0]);
  return (
    <Modal
      open
      title="Another form"
      okText="Practise it"
      onCancel={onClose}
      onOk={() => {
        onChoose(itemKey({ kind: 'form', family, where, inversion, quality, keys }));
      }}
    >
      <div className="new-form">
        <Field id="form-family" label="Family">
          <Select
            id="form-family"
            value={family}
            options={FAMILY_IDS.map((value) => ({ value, label: familyOf(value).label }))}
            onChange={setFamily}
          />
        </Field>
        <Field id="form-where" label={/^\d/.test(where) ? 'Strings' : 'Hands'}>
          <Select
            id="form-where"
            value={where}
            options={places.map((value) => ({ value, label: value }))}
            onChange={setPlace}
          />
        </Field>
        <Field id="form-inversion" label="Inversion">
          <Select<Inversion>
            id="form-inversion"
            value={inversion}
            options={INVERSIONS.map((label, value) => ({ value: value as Inversion, label }))}
            onChange={setInversion}
          />
        </Field>
        <Field id="form-quality" label="Chord">
          <Select
            id="form-quality"
            value={quality}
            options={QUALITIES.map((value) => ({ value, label: value }))}
            onChange={setQuality}
          />
        </Field>
        <Field id="form-keys" label="Keys">
          <Select
            id="form-keys"
            value={keys}
            options={KEY_GROUPS.map((value) => ({
              value,
              label: value.split(' ').map(nameOf).join(' '),
            }))}
            onChange={setKeys}
          />
        </Field>
      </div>
    </Modal>
  );
}

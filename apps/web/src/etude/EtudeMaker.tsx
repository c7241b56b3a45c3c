import { isOfOneKey, type Etude, type EtudeRequest } from '@drop-close/core';
import { useMutation } from '@tanstack/react-query';
import { Alert, Button, InputNumber, Modal } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { Field } from '../profile/Field';
import { useProfile } from '../profile/profileStore';
import { allRooms } from '../room/rooms';
import { EtudeFields } from './EtudeFields';
import { EtudeRounds } from './EtudeRounds';
import { InAllKeys } from './InAllKeys';
import { saveEtude } from './saveEtude';
import { useEtude } from './useEtude';
import './etude.css';

/** Quarter notes a minute: slow enough to find the next grip. */
const SLOW = 80;

interface EtudeMakerProps {
  /** What it begins with, in place of the usual. */
  readonly begin?: Partial<EtudeRequest>;
  readonly onClose: () => void;
}

/** An étude: a family, a cycle, every inversion on its strings; made into a tune of the book. */
export default function EtudeMaker({ begin, onClose }: EtudeMakerProps) {
  const profile = useProfile();
  const [request, setRequest] = useState<EtudeRequest>({
    family: profile.families[0] ?? 'drop2',
    cycle: 'circle of fourths',
    kind: '7',
    key: 'C',
    triads: false,
    way: 'nearest',
    strings: [],
    instrument: profile.instrument,
    room: allRooms(profile.rooms)[0]!,
    ...begin,
  });
  const [tempo, setTempo] = useState(SLOW);
  const made = useEtude(request);
  const navigate = useNavigate();
  const save = useMutation({
    mutationFn: (etude: Etude) => saveEtude(etude, tempo),
    onSuccess: (tuneId) => navigate(`/tune/${tuneId}/voice`),
  });
  const etude = made?.etude;
  return (
    <Modal
      open
      title="A new étude"
      width={720}
      style={{ top: 32 }}
      onCancel={onClose}
      footer={
        <>
          {isOfOneKey(request) && <InAllKeys request={request} tempo={tempo} disabled={!etude} />}
          <Button
            type="primary"
            disabled={!etude}
            loading={save.isPending}
            onClick={() => {
              if (etude) save.mutate(etude);
            }}
          >
            Put it in the book
          </Button>
        </>
      }
    >
      <div className="etude-fields">
        <EtudeFields
          request={request}
          onChange={(part) => {
            setRequest((before) => ({ ...before, ...part }));
          }}
        />
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
        {etude && <EtudeRounds etude={etude} tempo={tempo} />}
      </div>
      {save.isError && (
        <Alert
          type="warning"
          title="It was not saved in the book"
          description={save.error.message}
        />
      )}
    </Modal>
  );
}

import { readNotes, type Lick, type Meter } from '@drop-close/core';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { useBand } from '../../playback/useBand';
import { useInstrument } from '../../profile/useInstrument';
import { linePlan } from '../../solo/linePlan';
import { onTheNeck, problemsOf } from './lickText';

interface LickFormProps {
  readonly lick: Lick;
  readonly meter: Meter;
  readonly onKeep: (lick: Lick) => void;
  readonly onLeave: () => void;
}

/** A lick as it is written: name, key, notes, and the rhythm of its answer. */
export function LickForm({ lick, meter, onKeep, onLeave }: LickFormProps) {
  const [written, setWritten] = useState(lick);
  const { hearPlan } = useBand();
  const instrument = useInstrument();
  const problems = problemsOf(written, meter);
  const neck = onTheNeck(written.notes, instrument);
  const read = readNotes(written.notes);
  const write = (part: keyof Lick) => (event: { readonly target: { readonly value: string } }) => {
    setWritten({ ...written, [part]: event.target.value });
  };
  return (
    <section className="lick-form" aria-label="A lick">
      <label>
        Name
        <Input value={written.name} maxLength={80} onChange={write('name')} />
      </label>
      <label>
        Key, its root
        <Input value={written.key} maxLength={3} onChange={write('key')} />
      </label>
      <label>
        Notes
        <Input.TextArea
          autoSize={{ minRows: 2 }}
          value={written.notes}
          placeholder="r F4 Ab4 Bb4q Bb4 Ab4 F4q."
          onChange={write('notes')}
        />
      </label>
      <p className="quiet">
        Each note with its octave and length: s sixteenth, t triplet, e eighth (or nothing), q
        quarter, h half, w whole, a point makes it half as long again; r is a rest.
      </p>
      {neck && <p className="quiet">String/fret: {neck}</p>}
      <label>
        Its answer, a sign for each eighth
        <Input value={written.answer} placeholder="..xo----" onChange={write('answer')} />
      </label>
      <p className="quiet">
        x short, o held, ~ left to ring, - goes on, a point rests; | between bars. Empty: a plain
        answer.
      </p>
      {problems.length > 0 && <p className="fault">{problems.join(' ')}</p>}
      <div className="hit-tools">
        <Button
          type="primary"
          size="small"
          disabled={problems.length > 0}
          onClick={() => {
            onKeep(written);
          }}
        >
          Keep it
        </Button>
        <Button
          size="small"
          disabled={!read.ok}
          onClick={() => {
            if (read.ok) hearPlan(linePlan({ notes: read.value.notes, written: true }));
          }}
        >
          Hear it
        </Button>
        <Button size="small" onClick={onLeave}>
          Cancel
        </Button>
      </div>
    </section>
  );
}

import { LeftOutlined, RightOutlined, SoundOutlined } from '@ant-design/icons';
import {
  deriveVoicing,
  prettyDegree,
  type DerivationStep,
  type PitchedChord,
  type Voicing,
} from '@drop-close/core';
import { Button } from 'antd';
import { useMemo, useState } from 'react';
import { useBand } from '../../playback/useBand';
import { useNotation } from '../../profile/useNotation';
import { Grip } from '../desk/Grip';
import { DerivationPicture } from './DerivationPicture';

interface DerivationProps {
  readonly chord: PitchedChord;
  readonly voicing: Voicing;
}

/** How the voicing comes about, a step at a time: what is counted, what falls, where it lies. */
export function Derivation({ chord, voicing }: DerivationProps) {
  const steps = useMemo(() => deriveVoicing(chord, voicing), [chord, voicing]);
  const [at, setAt] = useState(0);
  const { hearNotes, hear } = useBand();
  const last = steps.length;
  const shown = Math.min(at, last);
  const step = steps[shown];
  const range = useMemo(() => rangeOf(steps), [steps]);
  return (
    <section className="derivation" aria-label="How it is made">
      <div className="derivation-tools">
        <Button
          icon={<LeftOutlined aria-hidden />}
          aria-label="Step back"
          disabled={shown === 0}
          onClick={() => {
            setAt(shown - 1);
          }}
        />
        <span className="quiet" role="status">
          {shown + 1} of {last + 1}
        </span>
        <Button
          icon={<RightOutlined aria-hidden />}
          aria-label="Next step"
          disabled={shown === last}
          onClick={() => {
            setAt(shown + 1);
          }}
        />
        <Button
          icon={<SoundOutlined aria-hidden />}
          aria-label="Hear this step"
          onClick={() => {
            if (step) hearNotes(sounding(step));
            else hear(voicing);
          }}
        />
      </div>
      <p className="derivation-words" aria-live="polite">
        {step?.words ?? 'Where it lies.'}
      </p>
      {step ? (
        <>
          <DerivationPicture step={step} range={range} />
          <StepNotes step={step} />
        </>
      ) : (
        <Grip voicing={voicing} size="large" />
      )}
    </section>
  );
}

const OCTAVE = 12;

const sounding = ({ notes }: DerivationStep): number[] =>
  notes.filter(({ mark }) => mark !== 'left out').map(({ pitch }) => pitch);

function rangeOf(steps: readonly DerivationStep[]): { low: number; high: number } {
  const pitches = steps.flatMap(({ notes }) =>
    notes.flatMap(({ pitch, mark }) => (mark === 'falls' ? [pitch, pitch + OCTAVE] : [pitch])),
  );
  return { low: Math.min(...pitches), high: Math.max(...pitches) };
}

/** The same in words, top voice first. */
function StepNotes({ step }: { step: DerivationStep }) {
  const { note: nameOf } = useNotation();
  return (
    <ol className="unseen" aria-label="Notes of this step, from the top">
      {[...step.notes].reverse().map(({ pitch, note, degree, count, mark }) => (
        <li key={`${pitch} ${degree}`}>
          {count === undefined ? '' : `${count}: `}
          {nameOf(note)} {prettyDegree(degree)}
          {mark ? `, ${mark}` : ''}
        </li>
      ))}
    </ol>
  );
}

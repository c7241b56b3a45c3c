import type { EasierForm, Voicing } from '@drop-close/core';
import { useEffect, useState } from 'react';
import { engine } from '../../engine/client';
import { easeOf } from '../desk/describe';
import { Grip } from '../desk/Grip';

interface EasierFormsProps {
  readonly chorusId: number;
  readonly index: number;
  readonly voicing: Voicing;
  readonly onTake: (voicing: Voicing) => void;
}

/** What to play instead where the grip is hard to hold. */
export function EasierForms({ chorusId, index, voicing, onTake }: EasierFormsProps) {
  const [forms, setForms] = useState<readonly EasierForm[]>([]);
  useEffect(() => {
    let gone = false;
    void engine.easier(chorusId, index, voicing).then((found) => {
      if (!gone) setForms(found ?? []);
    });
    return () => {
      gone = true;
    };
  }, [chorusId, index, voicing]);
  if (!forms.length) return <p className="quiet">There is nothing easier of this form.</p>;
  return (
    <ul className="easier" aria-label="Easier forms">
      {forms.map(({ voicing: form, how }) => (
        <li key={how}>
          <button
            type="button"
            className="alternative"
            onClick={() => {
              onTake(form);
            }}
          >
            <Grip voicing={form} size="small" />
            <span>
              {how}
              <span className="quiet"> {easeOf(form)}</span>
            </span>
          </button>
        </li>
      ))}
    </ul>
  );
}

import {
  FORM_DRILLS,
  drill as questionsOf,
  formMaterial,
  type Etude,
  type FormItem,
  type Question,
} from '@drop-close/core';
import { Select } from 'antd';
import { useMemo, useState } from 'react';
import { METER } from '../../etude/etudePlan';
import { play } from '../../playback/player';
import { DrillRun } from '../drills/DrillRun';
import { DRILL_LABELS } from '../drills/labels';
import type { Ask } from '../drills/useDrill';
import '../drills/drills.css';

interface FormDrillProps {
  readonly item: FormItem;
  readonly etude: Etude;
  readonly instrument: Etude['setup']['instrument'];
}

/** Unhurried, whatever the form is played in. */
const TEMPO = 90;

/** Questions about the grips of a form. */
export function FormDrill({ item, etude, instrument }: FormDrillProps) {
  const [drill, setDrill] = useState<(typeof FORM_DRILLS)[number]>(FORM_DRILLS[0]);
  const ask = useMemo(() => askerOf(item, etude), [item, etude]);
  return (
    <section className="drill" aria-label="Drill">
      <Select<(typeof FORM_DRILLS)[number]>
        aria-label="What is asked"
        value={drill}
        popupMatchSelectWidth={false}
        options={FORM_DRILLS.map((value) => ({ value, label: DRILL_LABELS[value] }))}
        onChange={setDrill}
      />
      <DrillRun
        key={drill}
        drill={drill}
        ask={ask}
        item={item}
        about="this form"
        onHear={(plan) => {
          void play({ what: 'voice', plan, tempo: TEMPO, meter: METER, instrument });
        }}
      />
    </section>
  );
}

/** Remembers how far the drill in hand has come. */
function askerOf(item: FormItem, etude: Etude): Ask {
  const material = formMaterial(item, etude);
  let name = '';
  let next: (() => Question | undefined) | undefined;
  let asked: (Question | undefined)[] = [];
  return (drill, seed, count) => {
    if (name !== `${drill} ${seed}` || !next) {
      name = `${drill} ${seed}`;
      next = questionsOf(drill, material, seed);
      asked = [];
    }
    while (asked.length <= count) asked.push(next());
    const question = asked[count];
    return Promise.resolve(question && { question, options: [] });
  };
}

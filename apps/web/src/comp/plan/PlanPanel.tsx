import {
  PATTERN_FAMILIES,
  RESTING,
  TEXTURES,
  arcFrom,
  planShapes,
  shapeOver,
  withPlan,
  type ChorusPlan,
  type PatternFamily,
  type PlannedSection,
  type Resting,
  type SectionPlan,
  type Texture,
} from '@drop-close/core';
import { Button, Checkbox, Dropdown, Select, Slider } from 'antd';
import { useState } from 'react';
import { useTune } from '../../document/store';
import type { ComposedChoruses } from '../../engine/protocol';
import { holds } from '../../ui/holds';
import { changeComp, compActions } from '../desk/compActions';
import { PictureFigure } from '../../ui/picture/PictureFigure';
import { DensityPicture } from './DensityPicture';
import { PlanArc } from './PlanArc';
import { Term } from '../../ui/terms/Term';
import './plan.css';

const MOST_CHORUSES = 12;

/** All choruses at a glance, each section with what it is to be like; one click plays it. */
export default function PlanPanel({ composed }: { composed: ComposedChoruses }) {
  const { plan } = useTune().setup.comp;
  const { sections } = composed;
  const each = sections.filter(({ chorus }) => chorus === 0);
  const [inHand, take] = useState<Pick<PlannedSection, 'chorus' | 'section'>>({
    chorus: 0,
    section: 0,
  });
  const section =
    sections.find((one) => one.chorus === inHand.chorus && one.section === inHand.section) ??
    sections[0];
  const setPlan = (next: ChorusPlan): void => {
    changeComp({ plan: next });
  };
  return (
    <section className="plan" aria-label="Plan of the choruses">
      <PlanArc sections={arcFrom(sections)} inHand={section} onTake={take} />
      <div className="plan-tools">
        <Button
          disabled={plan.length >= MOST_CHORUSES}
          onClick={() => {
            setPlan([...plan, plan.at(-1) ?? []]);
          }}
        >
          Add a chorus
        </Button>
        <Button
          disabled={plan.length < 2}
          onClick={() => {
            setPlan(plan.slice(0, -1));
          }}
        >
          Remove a chorus
        </Button>
        <Dropdown
          trigger={['click']}
          menu={{
            items: planShapes.map(({ id, label, about }) => ({ key: id, label, title: about })),
            onClick: ({ key }) => {
              const shape = planShapes.find(({ id }) => id === key);
              if (shape) setPlan(shapeOver(each, plan.length, shape));
            },
          }}
        >
          <Button {...holds(planShapes.map(({ label }) => label))}>Choose a shape…</Button>
        </Dropdown>
        <Button type="primary" onClick={() => void compActions.playSet()}>
          Make it playable
        </Button>
      </div>
      {section && (
        <SectionEditor
          section={section}
          onChange={(change) => {
            setPlan(withPlan(plan, section, change));
          }}
        />
      )}
      {composed.sounding.length > 0 && (
        <PictureFigure
          title="How busy the comp is"
          caption="Columns are the hits of each bar; the strip below shows how much of the bar sounds."
          draw={(width, look) => <DensityPicture {...{ composed, width, look }} />}
        />
      )}
    </section>
  );
}

const LEVELS = ['as written', 'coloured', 'moving', 'other chords too'];

interface SectionEditorProps {
  readonly section: PlannedSection;
  readonly onChange: (change: Partial<SectionPlan>) => void;
}

function SectionEditor({ section, onChange }: SectionEditorProps) {
  const { name, chorus, fromBar, toBar, plan } = section;
  return (
    <div className="plan-section" role="group" aria-label={`Chorus ${chorus + 1}, ${name}`}>
      <b>
        Chorus {chorus + 1}, {name}
      </b>
      <span className="quiet">
        bars {fromBar}–{toBar}
      </span>
      <label>
        <Term of="texture">Texture</Term>
        <Select<Texture>
          value={plan.texture}
          options={TEXTURES.map((value) => ({ value, label: value }))}
          onChange={(texture) => {
            onChange({ texture });
          }}
        />
      </label>
      <label>
        Rhythm
        <Select<PatternFamily | 'any'>
          value={plan.family}
          popupMatchSelectWidth={false}
          options={['any' as const, ...PATTERN_FAMILIES].map((value) => ({
            value,
            label: value === 'any' ? 'what suits the feel' : value,
          }))}
          onChange={(family) => {
            onChange({ family });
          }}
        />
      </label>
      <Level
        label="Density"
        term="density"
        value={plan.density}
        onChange={(density) => {
          onChange({ density });
        }}
      />
      <Level
        label="Loudness"
        value={plan.loudness}
        onChange={(loudness) => {
          onChange({ loudness });
        }}
      />
      <label>
        <Term of="movement">Movement</Term>
        <Select<SectionPlan['devices']>
          value={plan.devices}
          popupMatchSelectWidth={false}
          options={([0, 1, 2, 3] as const).map((value) => ({ value, label: LEVELS[value] }))}
          onChange={(devices) => {
            onChange({ devices });
          }}
        />
      </label>
      <fieldset>
        <legend>Rests</legend>
        <Checkbox.Group<Resting>
          value={[...plan.rests]}
          options={[...RESTING]}
          onChange={(rests) => {
            onChange({ rests });
          }}
        />
      </fieldset>
    </div>
  );
}

interface LevelProps {
  readonly label: string;
  /** A word of the glossary. */
  readonly term?: string;
  readonly value: 1 | 2 | 3 | 4 | 5;
  readonly onChange: (value: 1 | 2 | 3 | 4 | 5) => void;
}

const Level = ({ label, term, value, onChange }: LevelProps) => (
  <label className="plan-level">
    <Term of={term}>{label}</Term>
    <Slider
      min={1}
      max={5}
      value={value}
      ariaLabelForHandle={label}
      onChange={(next) => {
        onChange(next as 1 | 2 | 3 | 4 | 5);
      }}
    />
  </label>
);

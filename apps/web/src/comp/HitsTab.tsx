import {
  HOLDS,
  PATTERNS,
  TOUCHES,
  anticipates,
  hitAt,
  quartersInBar,
  type Hold,
  type Pattern,
  type Touch,
} from '@drop-close/core';
import { Button, Segmented, Select, Switch } from 'antd';
import { useTune } from '../document/store';
import type { ComposedChoruses } from '../engine/protocol';
import { useBand } from '../playback/useBand';
import { useHeading } from '../tune/heading';
import { useSelection } from '../tune/selection';
import { compActions } from './compActions';
import { beatName, judgedByPlace, troubles } from './hits';
import { useCompDesk } from './useCompDesk';

/** The hit in hand, and the bar it stands in. */
export function HitsTab({ composed }: { composed: ComposedChoruses }) {
  const { hit } = useCompDesk();
  const { event } = useSelection();
  const bar = hit?.bar ?? event?.bar ?? 1;
  return (
    <>
      <HitInHand composed={composed} />
      <BarInHand composed={composed} bar={bar} />
      <Reasons bar={bar} />
    </>
  );
}

const HOLD_LABELS: Readonly<Record<Hold, string>> = {
  short: 'short',
  full: 'held',
  'let ring': 'let ring',
};

function HitInHand({ composed }: { composed: ComposedChoruses }) {
  const { hits } = useTune().setup.comp;
  const { hit: place } = useCompDesk();
  const hit = place && hitAt(hits, place);
  if (!hit) {
    return (
      <p className="quiet">
        Click a hit to take it in hand, or an empty place in the lane to put one there. J taps one
        in while the band plays.
      </p>
    );
  }
  const judgement = judgedByPlace(composed.sounding, composed.judged)(hit);
  const wrong = troubles(judgement);
  return (
    <section aria-label="The hit in hand">
      <h3>
        Bar {hit.bar}, beat {beatName(hit.at)}
      </h3>
      {judgement && (
        <p className={wrong.length ? 'fault' : 'quiet'}>
          {wrong.length ? wrong.join(', ') : judgement.place}
        </p>
      )}
      <div className="hit-tools">
        <Segmented<Hold>
          aria-label="How long it sounds"
          value={hit.hold}
          options={HOLDS.map((value) => ({ value, label: HOLD_LABELS[value] }))}
          onChange={(hold) => {
            compActions.change({ hold });
          }}
        />
        <Segmented<Touch>
          aria-label="How it is struck"
          value={hit.touch}
          options={[...TOUCHES]}
          onChange={(touch) => {
            compActions.change({ touch });
          }}
        />
        <label className="setup-round">
          <Switch size="small" checked={hit.accent} onChange={compActions.accent} />
          Accent
        </label>
        <span className="hit-nudges">
          <Button
            size="small"
            title="An eighth earlier (,)"
            onClick={() => {
              compActions.nudge(-1);
            }}
          >
            Earlier
          </Button>
          <Button
            size="small"
            title="An eighth later (.)"
            onClick={() => {
              compActions.nudge(1);
            }}
          >
            Later
          </Button>
          <Button
            size="small"
            title="An eighth shorter ([)"
            onClick={() => {
              compActions.lengthen(-1);
            }}
          >
            Shorter
          </Button>
          <Button
            size="small"
            title="An eighth longer (])"
            onClick={() => {
              compActions.lengthen(1);
            }}
          >
            Longer
          </Button>
          <Button
            size="small"
            title="Delete"
            onClick={() => {
              compActions.remove();
            }}
          >
            Take out
          </Button>
        </span>
      </div>
    </section>
  );
}

function BarInHand({ composed, bar }: { composed: ComposedChoruses; bar: number }) {
  const { hits } = useTune().setup.comp;
  const { hearBars } = useBand();
  const { timeline, line } = composed;
  const last = timeline.bars.at(-1)?.number ?? bar;
  const own = hits.some((hit) => hit.bar === bar);
  return (
    <section aria-label="The bar in hand">
      <h3>Bar {bar}</h3>
      <PatternChooser composed={composed} bar={bar} />
      <div className="hit-tools">
        <Button
          size="small"
          onClick={() => {
            hearBars(bar, bar);
          }}
        >
          Hear
        </Button>
        <Button
          size="small"
          disabled={!own || bar >= last}
          title="M"
          onClick={() => {
            compActions.copyBar(bar, bar + 1);
          }}
        >
          Copy to bar {bar + 1}
        </Button>
        <Button
          size="small"
          disabled={!own}
          onClick={() => {
            compActions.clearBars(bar, bar);
          }}
        >
          Clear
        </Button>
        {line.length > 0 && (
          <Button
            size="small"
            disabled={!own}
            title="Leave the soloist room in this bar (Q)"
            onClick={() => void compActions.mend(bar)}
          >
            Mend for the solo
          </Button>
        )}
      </div>
    </section>
  );
}

/** Rhythms that fit the bar, those at home in the feel first. */
function PatternChooser({ composed, bar }: { composed: ComposedChoruses; bar: number }) {
  const { feel } = useHeading();
  const here = composed.timeline.bars.find(({ number }) => number === bar);
  if (!here) return null;
  const fitting = PATTERNS.filter(({ quarters }) => quarters === quartersInBar(here.meter));
  const home = (pattern: Pattern): number => (pattern.feels.includes(feel) ? 0 : 1);
  const families = [...new Set(fitting.map(({ family }) => family))];
  return (
    <Select<string>
      aria-label="Lay a rhythm in this bar"
      className="pattern-chooser"
      placeholder="Lay a rhythm here…"
      value={null}
      options={families.map((family) => ({
        label: family,
        options: fitting
          .filter((pattern) => pattern.family === family)
          .sort((a, b) => home(a) - home(b) || a.density - b.density)
          .map((pattern) => ({
            value: pattern.id,
            label: `${pattern.label}${anticipates(pattern) ? ' (into the next bar)' : ''}`,
          })),
      }))}
      onChange={(id) => {
        const pattern = fitting.find((each) => each.id === id);
        if (pattern) compActions.lay(pattern, bar, bar + pattern.bars.length - 1);
      }}
    />
  );
}

/** What was done here for the soloist, and why. */
function Reasons({ bar }: { bar: number }) {
  const { decisions } = useCompDesk();
  const here = decisions.filter((each) => each.bar === bar);
  if (!here.length) return null;
  return (
    <section aria-label="Why so">
      <h3>Why so</h3>
      <ul className="comp-reasons">
        {here.map(({ at, doing, why }, position) => (
          <li key={`${at} ${position}`}>
            <b>
              {beatName(at)}, {doing}
            </b>{' '}
            {why}
          </li>
        ))}
      </ul>
    </section>
  );
}

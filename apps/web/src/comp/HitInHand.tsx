import { HOLDS, TOUCHES, hitAt, type Hold, type Touch } from '@drop-close/core';
import { Button, Segmented, Switch } from 'antd';
import { useTune } from '../document/store';
import type { ComposedChoruses } from '../engine/protocol';
import { compActions } from './desk/compActions';
import { beatName, judgedByPlace, troubles } from './desk/hits';
import { useCompDesk } from './desk/useCompDesk';

const HOLD_LABELS: Readonly<Record<Hold, string>> = {
  short: 'short',
  full: 'held',
  'let ring': 'let ring',
};

/** How one hit sounds, and how it stands to the soloist. */
export function HitInHand({ composed }: { composed: ComposedChoruses }) {
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

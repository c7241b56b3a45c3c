import { HOLDS, TOUCHES, type Hit, type Hold, type Loudness, type Touch } from '@drop-close/core';
import { Button, Segmented, Switch } from 'antd';
import { compActions } from './desk/compActions';

const HOLD_LABELS: Readonly<Record<Hold, string>> = {
  short: 'short',
  full: 'held',
  'let ring': 'let ring',
};

/** How a hit sounds. */
export function HitSound({ hit }: { hit: Hit }) {
  return (
    <>
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
    </>
  );
}

/** Dynamic marks, softest first. */
const LOUDNESS_LABELS = ['pp', 'p', 'mf', 'f', 'ff'] as const;
const LOUDNESSES = [1, 2, 3, 4, 5] as const satisfies readonly Loudness[];
/** Bars of a phrase. */
const PHRASE = 4;
const SWELLS = [
  { name: 'Grow', way: 'louder' },
  { name: 'Fade', way: 'softer' },
] as const;

interface HitLoudnessProps {
  readonly hit: Hit;
  /** Of all choruses. */
  readonly lastBar: number;
}

/** How loud a hit is beside its neighbours, and how the phrase goes on from it. */
export function HitLoudness({ hit, lastBar }: HitLoudnessProps) {
  const toBar = Math.min(lastBar, Math.max(1, Math.ceil(hit.bar / PHRASE)) * PHRASE);
  return (
    <>
      <Segmented<Loudness>
        aria-label="How loud it is beside the other hits"
        value={hit.loudness ?? 3}
        options={LOUDNESSES.map((value) => ({ value, label: LOUDNESS_LABELS[value - 1] }))}
        onChange={compActions.loudness}
      />
      <span className="hit-row">
        {SWELLS.map(({ name, way }) => (
          <Button
            key={name}
            size="small"
            title={`From this hit to the end of bar ${toBar}, ${way} from hit to hit`}
            onClick={() => {
              compActions.swell(toBar, way);
            }}
          >
            {name} to bar {toBar}
          </Button>
        ))}
      </span>
    </>
  );
}

/** Lengths that are worth comparing by ear: the next idea begins off the beat. Source: common practice. */
const HELD_BEATS = [2.5, 3.5, 4.5] as const;

/** A chord held longer or shorter, with what follows moved along. */
export function HitHeld() {
  return (
    <span className="hit-row" role="group" aria-label="Hold it, what follows moved along, and hear">
      <span className="quiet">Hold and hear</span>
      {HELD_BEATS.map((beats) => (
        <Button
          key={beats}
          size="small"
          title="What follows moves along, up to the next rest"
          onClick={() => {
            compActions.holdFor(beats);
          }}
        >
          {Math.floor(beats)}½ beats
        </Button>
      ))}
    </span>
  );
}

const NUDGES = [
  {
    label: 'Earlier',
    title: 'An eighth earlier (,)',
    run: () => {
      compActions.nudge(-1);
    },
  },
  {
    label: 'Later',
    title: 'An eighth later (.)',
    run: () => {
      compActions.nudge(1);
    },
  },
  {
    label: 'Shorter',
    title: 'An eighth shorter ([)',
    run: () => {
      compActions.lengthen(-1);
    },
  },
  {
    label: 'Longer',
    title: 'An eighth longer (])',
    run: () => {
      compActions.lengthen(1);
    },
  },
  {
    label: 'Remove',
    title: 'Delete',
    run: () => {
      compActions.remove();
    },
  },
] as const;

export function HitNudges() {
  return (
    <span className="hit-nudges">
      {NUDGES.map(({ label, title, run }) => (
        <Button key={label} size="small" title={title} onClick={run}>
          {label}
        </Button>
      ))}
    </span>
  );
}

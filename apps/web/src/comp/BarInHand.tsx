import { PATTERNS, anticipates, quartersInBar, type Pattern } from '@drop-close/core';
import { Button, Select } from 'antd';
import { useTune } from '../document/store';
import type { ComposedChoruses } from '../engine/protocol';
import { useBand } from '../playback/useBand';
import { useHeading } from '../place/heading';
import { compActions } from './desk/compActions';

/** A bar as a whole: a rhythm for it, copied, cleared, mended. */
export function BarInHand({ composed, bar }: { composed: ComposedChoruses; bar: number }) {
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
            Fix for the solo
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
      aria-label="Put a rhythm in this bar"
      className="pattern-chooser"
      placeholder="Put a rhythm here…"
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

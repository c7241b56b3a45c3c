import type { ComposedChoruses } from '../engine/protocol';
import { useNotation } from '../profile/useNotation';
import { useSelection } from '../place/selection';
import { BarInHand } from './BarInHand';
import { HitInHand } from './HitInHand';
import { beatName } from './desk/hits';
import { useCompDesk } from './desk/useCompDesk';

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

/** What was done here for the soloist, and why. */
function Reasons({ bar }: { bar: number }) {
  const { decisions } = useCompDesk();
  const { sentence } = useNotation();
  const here = decisions.filter((each) => each.bar === bar);
  if (!here.length) return null;
  return (
    <section aria-label="Why so">
      <h3>Why so</h3>
      <ul className="comp-reasons">
        {here.map(({ at, doing, why }, position) => (
          <li key={`${at} ${position}`}>
            <b>
              Beat {beatName(at)}, {doing}:
            </b>{' '}
            {sentence(why)}
          </li>
        ))}
      </ul>
    </section>
  );
}

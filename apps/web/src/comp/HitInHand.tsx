import { hitAt } from '@drop-close/core';
import { useTune } from '../document/store';
import type { ComposedChoruses } from '../engine/protocol';
import { beatName, judgedByPlace, troubles } from './desk/hits';
import { useCompDesk } from './desk/useCompDesk';
import { HitHeld, HitLoudness, HitNudges, HitSound } from './HitTools';
import { Term } from '../ui/terms/Term';

/** How one hit sounds, and how it stands to the soloist. */
export function HitInHand({ composed }: { composed: ComposedChoruses }) {
  const { hits } = useTune().setup.comp;
  const { hit: place } = useCompDesk();
  const hit = place && hitAt(hits, place);
  if (!hit) {
    return (
      <p className="quiet">
        Click a <Term of="hit">hit</Term> to select it, or an empty place in the{' '}
        <Term of="lane">lane</Term> to add one. J taps one in while the band plays.
      </p>
    );
  }
  const judgement = judgedByPlace(composed.sounding, composed.judged)(hit);
  const wrong = troubles(hit, judgement);
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
        <HitSound hit={hit} />
        <HitLoudness hit={hit} lastBar={composed.timeline.bars.at(-1)?.number ?? hit.bar} />
        {hit.hold !== 'short' && <HitHeld />}
        <HitNudges />
      </div>
    </section>
  );
}

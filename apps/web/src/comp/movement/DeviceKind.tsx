import { deviceOf, type DeviceId, type DeviceOffer } from '@drop-close/core';
import { Button } from 'antd';
import { prettyText } from '../../ui/symbol';

export type OfferState = 'offered' | 'tried' | 'applied';

interface DeviceKindProps {
  readonly kind: DeviceId;
  readonly offers: readonly DeviceOffer[];
  readonly stateOf: (offer: DeviceOffer) => OfferState;
  readonly onTry: (offer: DeviceOffer) => void;
}

/** One device, with all that it offers at the chord in hand. */
export function DeviceKind({ kind, offers, stateOf, onTry }: DeviceKindProps) {
  const { label, about } = deviceOf(kind);
  return (
    <section className="device" aria-label={label}>
      <h3 title={about}>{label}</h3>
      <div className="device-variants">
        {offers.map((offer) => {
          const state = stateOf(offer);
          return (
            <Button
              key={offer.variant}
              size="small"
              type={state === 'offered' ? 'default' : 'primary'}
              ghost={state === 'applied'}
              aria-pressed={state !== 'offered'}
              title={prettyText(offer.why)}
              onClick={() => {
                onTry(offer);
              }}
            >
              {prettyText(offer.label)}
              {state === 'applied' && ' ✓'}
            </Button>
          );
        })}
      </div>
    </section>
  );
}

import { deviceOf, type DeviceId, type DeviceOffer } from '@drop-close/core';
import { Button } from 'antd';
import { useState } from 'react';
import { prettyText } from '../../ui/symbol';

/** So many are shown at first. */
const FEW = 6;

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
  const [all, setAll] = useState(false);
  const shown = all
    ? offers
    : offers.filter((offer, at) => at < FEW || stateOf(offer) !== 'offered');
  return (
    <section className="device" aria-label={label}>
      <h4 title={about}>{label}</h4>
      <div className="device-variants">
        {shown.map((offer) => {
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
        {shown.length < offers.length && (
          <Button
            size="small"
            type="text"
            onClick={() => {
              setAll(true);
            }}
          >
            {offers.length - shown.length} more
          </Button>
        )}
      </div>
    </section>
  );
}

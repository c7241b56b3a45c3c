import { deviceOf, type DeviceId, type DeviceOffer } from '@drop-close/core';
import { Button } from 'antd';
import { useState } from 'react';
import { useNotation } from '../../profile/useNotation';
import { OfferChoices } from './OfferChoices';

/** So many are shown at first. */
const FEW = 6;
/** And so many where the rest is chosen by what it does. */
const LIKELIEST = 3;

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
  const { sentence } = useNotation();
  const [all, setAll] = useState(false);
  const chosen = offers.some(({ choices }) => choices);
  const few = chosen ? LIKELIEST : FEW;
  const shown = all
    ? offers
    : offers.filter((offer, at) => at < few || stateOf(offer) !== 'offered');
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
              title={sentence(offer.why)}
              onClick={() => {
                onTry(offer);
              }}
            >
              {sentence(offer.label)}
              {state === 'applied' && ' ✓'}
            </Button>
          );
        })}
        {!chosen && shown.length < offers.length && (
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
      {chosen && (
        <OfferChoices
          offers={offers}
          inHand={offers.find((offer) => stateOf(offer) !== 'offered')}
          onTry={onTry}
        />
      )}
    </section>
  );
}

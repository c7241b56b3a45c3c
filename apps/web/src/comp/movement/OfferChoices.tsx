import type { DeviceOffer } from '@drop-close/core';
import { Select } from 'antd';
import { prettyText } from '../../ui/symbol';
import { choiceOf, choicesIn, chosenAnew } from './choose';

interface OfferChoicesProps {
  readonly offers: readonly DeviceOffer[];
  /** The one that is tried or applied. */
  readonly inHand: DeviceOffer | undefined;
  readonly onTry: (offer: DeviceOffer) => void;
}

/** One of many offers, chosen by what it does; each choice is tried at once, the others kept as far as they go with it. */
export function OfferChoices({ offers, inHand, onTry }: OfferChoicesProps) {
  return (
    <div className="offer-choices">
      {[...choicesIn(offers)].map(([name, values]) => (
        <label key={name}>
          {name}
          <Select
            size="small"
            aria-label={name}
            placeholder="choose"
            popupMatchSelectWidth={false}
            value={inHand && choiceOf(inHand, name)}
            options={values.map((value) => ({ value, label: prettyText(value) }))}
            onChange={(value) => {
              const offer = chosenAnew(offers, inHand, name, value);
              if (offer) onTry(offer);
            }}
          />
        </label>
      ))}
    </div>
  );
}

import type { DeviceOffer } from '@drop-close/core';

/** What an offer has of a choice. */
export const choiceOf = ({ choices = [] }: DeviceOffer, name: string): string | undefined =>
  choices.find((choice) => choice.name === name)?.value;

/** What can be chosen of a device's offers: each choice by its name, with its values in the order they are offered. */
export function choicesIn(offers: readonly DeviceOffer[]): Map<string, readonly string[]> {
  const found = new Map<string, readonly string[]>();
  for (const { choices = [] } of offers) {
    for (const { name, value } of choices) {
      const values = found.get(name) ?? [];
      if (!values.includes(value)) found.set(name, [...values, value]);
    }
  }
  return found;
}

/**
 * The offer with a value chosen anew that is most like the one in hand; of equals the first, which lies best.
 * `undefined` where no offer has the value.
 */
export function chosenAnew(
  offers: readonly DeviceOffer[],
  inHand: DeviceOffer | undefined,
  name: string,
  value: string,
): DeviceOffer | undefined {
  const likeness = ({ choices = [] }: DeviceOffer): number =>
    choices.filter((choice) => inHand && choiceOf(inHand, choice.name) === choice.value).length;
  return offers
    .filter((offer) => choiceOf(offer, name) === value)
    .reduce<DeviceOffer | undefined>(
      (best, offer) => (best && likeness(best) >= likeness(offer) ? best : offer),
      undefined,
    );
}

import type { AppliedDevice, DeviceOffer } from '@drop-close/core';
import { isApplied, sameDevice, withApplied, withoutApplied } from './devices';

const slide: AppliedDevice = {
  ...{ at: 1, chorus: 0, symbol: 'G7' },
  ...({ device: 'slide', variant: 'from below, a beat early' } as const),
};
const sus: AppliedDevice = { ...slide, device: 'sus', variant: '4 to 3' };
const later: AppliedDevice = { ...slide, chorus: 1 };
const offer = { device: 'slide', variant: slide.variant } as DeviceOffer;

describe('devices that are applied', () => {
  it('take the place of the one at their chord, in their chorus only', () => {
    expect(withApplied([slide, later], sus)).toEqual([sus, later]);
  });
  it('are taken off where they stand', () => {
    expect(withoutApplied([slide, later], slide)).toEqual([later]);
  });
  it('are known again by chord, chorus, kind and way', () => {
    expect(isApplied([slide], offer, 1, 0)).toBe(true);
    expect(isApplied([slide], offer, 1, 1)).toBe(false);
    expect([sameDevice(slide, { ...slide }), sameDevice(slide, sus)]).toEqual([true, false]);
  });
});

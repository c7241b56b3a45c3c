import type { AppliedDevice, DeviceOffer } from '@drop-close/core';

const sameChord = (a: AppliedDevice, b: AppliedDevice): boolean =>
  a.at === b.at && a.chorus === b.chorus;

/** A device applied, in place of any at its chord; it comes first, so that it stands where others overlap. */
export const withApplied = (
  devices: readonly AppliedDevice[],
  device: AppliedDevice,
): AppliedDevice[] => [device, ...devices.filter((other) => !sameChord(other, device))];

/** Several devices applied at once. */
export const withAllApplied = (
  devices: readonly AppliedDevice[],
  added: readonly AppliedDevice[],
): readonly AppliedDevice[] =>
  added.reduceRight<readonly AppliedDevice[]>((all, device) => withApplied(all, device), devices);

export const withoutApplied = (
  devices: readonly AppliedDevice[],
  device: AppliedDevice,
): AppliedDevice[] => devices.filter((other) => !sameChord(other, device));

/** The same device, the same way, at the same chord. */
export const sameDevice = (a: AppliedDevice, b: AppliedDevice): boolean =>
  sameChord(a, b) && a.device === b.device && a.variant === b.variant;

export const isApplied = (
  devices: readonly AppliedDevice[],
  { device, variant }: DeviceOffer,
  at: number,
  chorus: number,
): boolean =>
  devices.some(
    (each) =>
      each.at === at &&
      each.chorus === chorus &&
      each.device === device &&
      each.variant === variant,
  );

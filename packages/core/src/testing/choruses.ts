import { defaultArrangement } from '../arrangement/stored/defaults';
import { chorusOf, type Chorus } from '../arrangement/chorus/chorus';
import { sectionsOf } from '../arrangement/stored/chorusSections';
import type { Arrangement } from '../arrangement/stored/types';
import { parseChart } from '../chart/parseChart';
import { movedChoruses, wholeChords, type Moved } from '../choruses/moved';
import { voiceChoruses, type VoicedChoruses } from '../choruses/voiced';
import type { PlannedBars, SectionPlan } from '../comp/comping';
import { defaultSection } from '../comp/defaults';
import { createConnector } from '../connect/connect';
import { offersAt } from '../movement/devices/offers';
import type { AppliedDevice, DeviceId, DeviceOffer } from '../movement/types';

/** Builders for tests of movement and of several choruses. */
export const chorusFrom = (text: string): Chorus => chorusOf(parseChart(text).chart);

/** All sections of one chorus planned alike, but for what the plan changes. */
export const planFor = (chorus: Chorus, change: Partial<SectionPlan>): PlannedBars[] =>
  sectionsOf(chorus).map(({ from, to }) => ({ from, to, plan: { ...defaultSection, ...change } }));

export const keyboardArrangement: Arrangement = { ...defaultArrangement, instrument: 'keyboard' };

const { window } = defaultArrangement.room;

/** What a device offers at a chord of some changes, from 0. */
export const offersOf = (
  text: string,
  device: DeviceId,
  at = 0,
  line?: readonly number[],
): DeviceOffer[] =>
  offersAt(wholeChords(chorusFrom(text)), at, {
    window,
    loop: true,
    ...(line ? { line } : {}),
  }).filter((offer) => offer.device === device);

export const symbolsOf = ({ chords }: DeviceOffer): string =>
  chords.map(({ symbol }) => symbol).join(' ');

/** A chorus with one device at a chord, voiced. */
export function withDevice(
  text: string,
  { at = 0, ...applied }: Pick<AppliedDevice, 'device' | 'variant'> & Partial<AppliedDevice>,
  arrangement: Arrangement = keyboardArrangement,
): { readonly moved: Moved; readonly voiced: VoicedChoruses } {
  const chorus = chorusFrom(text);
  const symbol = wholeChords(chorus)[at]!.chord.symbol;
  const { room, loop } = arrangement;
  const moved = movedChoruses(chorus, 1, [{ chorus: 0, at, symbol, ...applied }], {
    window: room.window,
    loop,
  });
  const request = { arrangement, chorus, choruses: moved.choruses };
  const voiced = voiceChoruses(createConnector(), request);
  if (voiced.status !== 'found') throw new Error(voiced.why);
  return { moved, voiced };
}

export const pitches = (voiced: VoicedChoruses, at: number): number[] =>
  voiced.path[at]!.notes.map(({ midi }) => midi);

export const top = (voiced: VoicedChoruses, at: number): number => pitches(voiced, at).at(-1)!;

import type { DeviceId, MovementDevice } from '../types';
import { approach } from './approach';
import { callAndAnswer, cellsUp, sixthToNinth } from './blues';
import { doubleStops } from './doubleStops';
import { drone } from './drone';
import { enclosure } from './enclosure';
import { harmonisedLine } from './harmonisedLine';
import { holdAndMove } from './holdAndMove';
import { innerLine } from './innerLine';
import { recast } from './recast';
import { relatedTwo } from './relatedTwo';
import { sixthDiminished } from './sixthDiminished';
import { slide } from './slide';
import { standIn } from './standIn';
import { sus } from './sus';
import { throughKey } from './throughKey';
import { twoParts } from './twoParts';

/** Every device, group by group, in the order in which a player meets them. */
export const devices: readonly MovementDevice[] = [
  slide,
  approach,
  throughKey,
  sixthDiminished,
  sixthToNinth,
  innerLine,
  holdAndMove,
  drone,
  sus,
  twoParts,
  enclosure,
  doubleStops,
  cellsUp,
  callAndAnswer,
  harmonisedLine,
  relatedTwo,
  standIn,
  recast,
];

export function deviceOf(id: DeviceId): MovementDevice {
  const device = devices.find((known) => known.id === id);
  if (!device) throw new Error(`There is no device "${id}"`);
  return device;
}

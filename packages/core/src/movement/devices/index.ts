import type { DeviceId, MovementDevice } from '../types';
import { approach } from './approach';
import { callAndAnswer, cellsUp, sixthToNinth } from './blues';
import { drone } from './drone';
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

/** Every device, in the order in which a player meets them. */
export const devices: readonly MovementDevice[] = [
  slide,
  approach,
  innerLine,
  sus,
  drone,
  throughKey,
  sixthDiminished,
  holdAndMove,
  harmonisedLine,
  relatedTwo,
  sixthToNinth,
  cellsUp,
  callAndAnswer,
  standIn,
  recast,
];

export function deviceOf(id: DeviceId): MovementDevice {
  const device = devices.find((known) => known.id === id);
  if (!device) throw new Error(`There is no device "${id}"`);
  return device;
}

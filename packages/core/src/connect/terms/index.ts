import type { CostTerm } from '../base/types';
import { bottom } from './bottom';
import { drift } from './drift';
import { hand } from './hand';
import { leaps } from './leaps';
import { lie } from './lie';
import { line } from './line';
import { motion } from './motion';
import { parallel } from './parallel';
import { register } from './register';
import { resolution } from './resolution';
import { sound } from './sound';
import { top } from './top';
import { variety } from './variety';
import { voices } from './voices';

/** The cost of a path is the weighted sum of these. A new term is one file and one row. */
export const terms: readonly CostTerm[] = [
  motion,
  top,
  leaps,
  parallel,
  voices,
  resolution,
  register,
  drift,
  sound,
  bottom,
  hand,
  lie,
  line,
  variety,
];

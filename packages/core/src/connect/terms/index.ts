import type { CostTerm } from '../base/types';
import { drift } from './drift';
import { hand } from './hand';
import { leaps } from './leaps';
import { line } from './line';
import { motion } from './motion';
import { parallel } from './parallel';
import { register } from './register';
import { resolution } from './resolution';
import { sound } from './sound';
import { variety } from './variety';

/** The cost of a path is the weighted sum of these. A new term is one file and one row. */
export const terms: readonly CostTerm[] = [
  motion,
  leaps,
  parallel,
  resolution,
  register,
  drift,
  sound,
  hand,
  line,
  variety,
];

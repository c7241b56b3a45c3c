import { playingOf } from '../../voicing/playingOf';
import { SIZES } from '../base/data';
import type { CostTerm } from '../base/types';

/** On strings: frets past the body, open strings, strings a grip skips. */
export const lie: CostTerm = {
  id: 'lie',
  label: 'Easy places on the neck',
  grip: ({ voicing, settings }) => playingOf(settings.instrument).lie(voicing, SIZES),
};

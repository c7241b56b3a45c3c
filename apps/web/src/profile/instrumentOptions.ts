import { INSTRUMENT_IDS, labelOfInstrument, type InstrumentId } from '@drop-close/core';

export const optionsOf = <I extends InstrumentId>(
  ids: readonly I[],
): { value: I; label: string }[] => ids.map((id) => ({ value: id, label: labelOfInstrument(id) }));

/** Every instrument there is, to be chosen from. */
export const INSTRUMENT_OPTIONS = optionsOf(INSTRUMENT_IDS);

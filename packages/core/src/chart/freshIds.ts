/** Names that everyone gives to what nobody has edited yet: they count sections, bars and slots from 1. */
export const freshBarId = (written: number): string => `${written + 1}`;
export const freshSectionId = (section: number): string => `s${section + 1}`;

/** Names a slot by its position, where the bar's identity does not name it. */
export const slotIdIn = (barId: string, slot: number): string => `${barId}.${slot + 1}`;

import type { Guitar, Keyboard, Room, RoomId, VoicingSettings } from './types';

/** Six strings in E A D G B E on the common 648 mm scale. Source: common practice. */
export const defaultGuitar: Guitar = {
  kind: 'guitar',
  tuning: [40, 45, 50, 55, 59, 64],
  frets: 20,
  scaleLengthMm: 648,
  stringSpacingMm: 10.5,
  hand: { comfortableMm: 100, limitMm: 125 },
  picking: 'fingers',
};

/** Eighty-eight keys and a hand that spans a ninth. Source: common practice. */
export const defaultKeyboard: Keyboard = {
  kind: 'keyboard',
  lowest: 21,
  highest: 108,
  hands: 'two',
  reach: 14,
};

/**
 * The rooms. Columns: register window, where the middle of a voicing sits best, most notes. With a
 * bass the window leaves the bass its own; with a horn it also stays below the soloist; beside another
 * chording instrument it thins out. Source: common practice; the numbers are our defaults.
 */
export const rooms: Readonly<Record<RoomId, Room>> = {
  alone: {
    id: 'alone',
    label: 'Alone',
    window: { low: 40, high: 79 },
    centre: { low: 54, high: 64 },
    mostNotes: 6,
  },
  singer: {
    id: 'singer',
    label: 'With a singer',
    window: { low: 40, high: 76 },
    centre: { low: 53, high: 62 },
    mostNotes: 6,
  },
  bass: {
    id: 'bass',
    label: 'With bass',
    window: { low: 45, high: 79 },
    centre: { low: 56, high: 66 },
    mostNotes: 5,
  },
  'bass and horn': {
    id: 'bass and horn',
    label: 'With bass and a singer or horn',
    window: { low: 45, high: 72 },
    centre: { low: 55, high: 63 },
    mostNotes: 4,
  },
  'bass and chords': {
    id: 'bass and chords',
    label: 'With bass and another chording instrument',
    window: { low: 48, high: 76 },
    centre: { low: 58, high: 66 },
    mostNotes: 3,
  },
};

export const defaultVoicingSettings: VoicingSettings = {
  instrument: defaultGuitar,
  room: rooms.alone,
  families: ['drop2'],
  includeOutOfReach: false,
};

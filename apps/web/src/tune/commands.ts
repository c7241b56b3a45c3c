import type { SCREENS } from './screens';

type ScreenOfTune = (typeof SCREENS)[number]['to'] | 'stand';

interface TuneCommand {
  readonly keys: readonly string[];
  readonly shown: string;
  readonly label: string;
  /** The screens on which there is something for it to act on; all where it is left out. */
  readonly on?: readonly ScreenOfTune[];
}

/** Elsewhere no voicing is in hand, and what one does not see is not changed. */
const VOICE = ['voice'] as const;
const THREADS = ['voice', 'comp'] as const;
const CHART = ['chart'] as const;

/** Everything that has a key. One list for the keys themselves and for the sheet that shows them. */
const ALL = {
  previous: { keys: ['ArrowLeft'], shown: '←', label: 'Chord before' },
  next: { keys: ['ArrowRight'], shown: '→', label: 'Next chord' },
  cheaper: {
    keys: ['ArrowUp'],
    shown: '↑',
    label: 'Alternative above: costs the chorus less',
    on: VOICE,
  },
  dearer: {
    keys: ['ArrowDown'],
    shown: '↓',
    label: 'Alternative below: costs the chorus more',
    on: VOICE,
  },
  play: { keys: ['Space'], shown: 'Space', label: 'Play the chorus, or stop' },
  chord: { keys: ['Enter', 'h'], shown: 'Enter or H', label: 'Hear this chord' },
  change: { keys: ['c'], shown: 'C', label: 'Hear this change: this chord to the next' },
  bar: { keys: ['b'], shown: 'B', label: 'Hear this bar' },
  lock: { keys: ['l'], shown: 'L', label: 'Lock or unlock this voicing', on: VOICE },
  turnDown: { keys: ['x'], shown: 'X', label: 'Not this voicing: use the next best', on: VOICE },
  room: { keys: ['r'], shown: 'R', label: 'The room: who plays where', on: VOICE },
  neck: { keys: ['f'], shown: 'F', label: 'Every grip of a family, the whole neck', on: VOICE },
  entry: { keys: ['p'], shown: 'P', label: 'Enter a voicing note by note', on: VOICE },
  taste: { keys: ['t'], shown: 'T', label: 'Taste: what matters how much', on: VOICE },
  figures: { keys: ['g'], shown: 'G', label: 'The chorus in figures', on: VOICE },
  ways: { keys: ['w'], shown: 'W', label: 'Another way to voice the whole chorus', on: VOICE },
  compare: { keys: ['k'], shown: 'K', label: 'Two arrangements side by side', on: VOICE },
  drawing: { keys: ['d'], shown: 'D', label: 'Draw the top line in the threads', on: VOICE },
  follow: {
    keys: ['v'],
    shown: 'V',
    label: 'Follow a voice: the top, then down, then none',
    on: VOICE,
  },
  voice: {
    keys: ['Shift+v'],
    shown: 'Shift V',
    label: 'Hear the voice you follow alone',
    on: VOICE,
  },
  nearer: { keys: ['+', 'Shift++', '='], shown: '+', label: 'Threads: nearer', on: THREADS },
  farther: {
    keys: ['-'],
    shown: '−',
    label: 'Threads: farther, up to the whole form',
    on: THREADS,
  },
  loop: { keys: ['o'], shown: 'O', label: 'Loop on or off' },
  lens: { keys: ['n'], shown: 'N', label: 'Chart: symbols, numbers, or both', on: CHART },
  undo: { keys: ['z', '$mod+z'], shown: 'Z or Ctrl Z', label: 'Undo' },
  redo: { keys: ['Shift+z', '$mod+Shift+z', '$mod+y'], shown: 'Shift Z or Ctrl Y', label: 'Redo' },
  history: { keys: ['Shift+h'], shown: 'Shift H', label: 'Earlier versions of this tune' },
} as const satisfies Record<string, TuneCommand>;

export type CommandId = keyof typeof ALL;
export const COMMANDS: Readonly<Record<CommandId, TuneCommand>> = ALL;

/** Keys that work while the hand is on the sheet of the chart. */
export const SHEET_KEYS = [
  { shown: 'A to G', label: 'Write a chord here' },
  { shown: 'Enter or F2', label: 'Change what stands here; Enter again is done' },
  { shown: 'Space', label: 'While writing: another chord in this bar' },
  { shown: 'Tab', label: 'While writing: the next place, or a new bar' },
  { shown: 'Esc', label: 'While writing: leave it as it was' },
  { shown: 'Del', label: 'Remove this chord' },
  { shown: 'Insert', label: 'A new bar after this one' },
  { shown: 'M', label: 'On the number of a bar: pick it up, move it with the arrows, put it down' },
] as const;

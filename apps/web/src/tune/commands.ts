/** Everything that has a key. One list for the keys themselves and for the sheet that shows them. */
export const COMMANDS = {
  previous: { keys: ['ArrowLeft'], shown: '←', label: 'Chord before' },
  next: { keys: ['ArrowRight'], shown: '→', label: 'Next chord' },
  cheaper: { keys: ['ArrowUp'], shown: '↑', label: 'Alternative above: costs the chorus less' },
  dearer: { keys: ['ArrowDown'], shown: '↓', label: 'Alternative below: costs the chorus more' },
  play: { keys: ['Space'], shown: 'Space', label: 'Play the chorus, or stop' },
  chord: { keys: ['Enter', 'h'], shown: 'Enter or H', label: 'Hear this chord' },
  change: { keys: ['c'], shown: 'C', label: 'Hear this change: this chord to the next' },
  bar: { keys: ['b'], shown: 'B', label: 'Hear this bar' },
  lock: { keys: ['l'], shown: 'L', label: 'Lock or unlock this voicing' },
  turnDown: { keys: ['x'], shown: 'X', label: 'Not this voicing: use the next best' },
  room: { keys: ['r'], shown: 'R', label: 'The room: who plays where' },
  neck: { keys: ['f'], shown: 'F', label: 'Every grip of a family, the whole neck' },
  entry: { keys: ['p'], shown: 'P', label: 'Enter a voicing note by note' },
  taste: { keys: ['t'], shown: 'T', label: 'Taste: what matters how much' },
  figures: { keys: ['g'], shown: 'G', label: 'The chorus in figures' },
  ways: { keys: ['w'], shown: 'W', label: 'Another way to voice the whole chorus' },
  compare: { keys: ['k'], shown: 'K', label: 'Two arrangements side by side' },
  drawing: { keys: ['d'], shown: 'D', label: 'Draw the top line in the threads' },
  follow: { keys: ['v'], shown: 'V', label: 'Follow a voice: the top, then down, then none' },
  voice: { keys: ['Shift+v'], shown: 'Shift V', label: 'Hear the voice you follow alone' },
  nearer: { keys: ['+', 'Shift++', '='], shown: '+', label: 'Threads: nearer' },
  farther: { keys: ['-'], shown: '−', label: 'Threads: farther, up to the whole form' },
  loop: { keys: ['o'], shown: 'O', label: 'Loop on or off' },
  lens: { keys: ['n'], shown: 'N', label: 'Chart: symbols, numbers, or both' },
  undo: { keys: ['z', '$mod+z'], shown: 'Z or Ctrl Z', label: 'Undo' },
  redo: { keys: ['Shift+z', '$mod+Shift+z', '$mod+y'], shown: 'Shift Z or Ctrl Y', label: 'Redo' },
  history: { keys: ['Shift+h'], shown: 'Shift H', label: 'Earlier versions of this tune' },
} as const;

export type CommandId = keyof typeof COMMANDS;

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

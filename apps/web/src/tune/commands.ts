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
  lock: { keys: ['l'], shown: 'L', label: 'Lock this voicing, or let it go' },
  loop: { keys: ['o'], shown: 'O', label: 'Loop on or off' },
  undo: { keys: ['z', '$mod+z'], shown: 'Z or Ctrl Z', label: 'Undo' },
  redo: { keys: ['Shift+z', '$mod+Shift+z', '$mod+y'], shown: 'Shift Z or Ctrl Y', label: 'Redo' },
  sheet: { keys: ['Shift+?'], shown: '?', label: 'Show these keys' },
} as const;

export type CommandId = keyof typeof COMMANDS;

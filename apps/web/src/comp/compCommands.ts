/** What has a key on the Comp screen, beside the keys of every screen. */
export const COMP_COMMANDS = {
  hit: { keys: ['x'], shown: 'X', label: 'A hit where this chord begins, or none' },
  tap: {
    keys: ['j'],
    shown: 'J',
    label: 'Tap a hit in while the band plays; hold it for a long one',
  },
  earlier: { keys: [','], shown: ',', label: 'The hit in hand an eighth earlier' },
  later: { keys: ['.'], shown: '.', label: 'An eighth later' },
  shorter: { keys: ['['], shown: '[', label: 'An eighth shorter' },
  longer: { keys: [']'], shown: ']', label: 'An eighth longer' },
  hold: { keys: ['e'], shown: 'E', label: 'Short, held or let ring' },
  touch: { keys: ['y'], shown: 'Y', label: 'Plain, grace, rolled or tremolo' },
  accent: { keys: ['a'], shown: 'A', label: 'Accent' },
  softer: { keys: [';'], shown: ';', label: 'The hit in hand softer' },
  louder: { keys: ["'"], shown: "'", label: 'Louder' },
  remove: { keys: ['Delete', 'Backspace'], shown: 'Del', label: 'Remove the hit' },
  copy: { keys: ['m'], shown: 'M', label: 'Copy this bar to the next' },
  mend: { keys: ['q'], shown: 'Q', label: 'Fix this bar for the soloist' },
  set: { keys: ['s'], shown: 'S', label: 'Fill the whole plan with hits' },
  plan: { keys: ['u'], shown: 'U', label: 'The plan of the choruses' },
} as const;

export type CompCommandId = keyof typeof COMP_COMMANDS;

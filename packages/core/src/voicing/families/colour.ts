import type { VoicingFamily } from './family';

/** Any playable choice of the chord's tones and available tensions that holds the guide tones. */
export const colour: VoicingFamily = {
  id: 'colour',
  label: 'free colours',
  about: 'Any choice of chord tones and tensions that keeps the guide tones: for a top line.',
  of: {
    kind: 'free',
    choice: ({ degrees, tensions, guideTones }) => ({
      degrees: [...degrees, ...tensions],
      needed: guideTones,
      fewest: 3,
      most: 5,
    }),
  },
};

const WHITE = [0, 2, 4, 5, 7, 9, 11];
const inOctave = (midi: number): number => ((midi % 12) + 12) % 12;

export const isWhite = (midi: number): boolean => WHITE.includes(inOctave(midi));

/** White keys below a pitch, which is its place from the left in white keys. */
export const whitesBelow = (midi: number): number =>
  Math.floor(midi / 12) * 7 + WHITE.filter((pitch) => pitch < inOctave(midi)).length;

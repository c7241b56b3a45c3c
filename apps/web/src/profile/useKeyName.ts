import { useNotation } from './useNotation';

/** A key for reading, as the player names notes: `Eb` is "E♭ major", `Cm` is "C minor". */
export function useKeyName(): (key: string) => string {
  const { note } = useNotation();
  return (key) => {
    const minor = key.endsWith('m');
    return `${note(minor ? key.slice(0, -1) : key)} ${minor ? 'minor' : 'major'}`;
  };
}

/** The reference library ships no types; the tests use only this much of it. */
declare module 'chord-symbol/lib/chord-symbol.js' {
  export function chordParserFactory(): (
    symbol: string,
  ) => { normalized?: { semitones?: number[] } } | null;
}

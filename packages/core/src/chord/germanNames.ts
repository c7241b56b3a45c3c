/** H as root or bass, where German charts have B natural. */
const H_ROOT = /^(\s*\(?\s*)[Hh](?![b#♭♯𝄫𝄪])/u;
const H_BASS = /(\/\s*)[Hh](?=\s*\)?\s*$)/;

/**
 * A symbol with German names of notes in the names that are read here: H is B natural.
 * @example withoutH('Hm7b5') // 'Bm7b5'
 * @example withoutH('G/H') // 'G/B'
 */
export const withoutH = (symbol: string): string =>
  symbol.replace(H_ROOT, '$1B').replace(H_BASS, '$1B');

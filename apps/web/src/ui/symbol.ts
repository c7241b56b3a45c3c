/** A chord symbol cut up for setting in type. */
export interface SymbolParts {
  readonly root: string;
  /** Stands on the line beside the root: `m`, `°`, `sus`. */
  readonly quality: string;
  /** Stands higher and smaller: `7♭5`, `maj7`. */
  readonly raised: string;
  readonly bass?: string;
}

const pretty = (text: string): string =>
  text
    .replace(/b(?=\d)/g, '♭')
    .replace(/#(?=\d)/g, '♯')
    .replace(/\^/g, 'Δ');

const note = (text: string): string =>
  text.charAt(0).toUpperCase() + text.slice(1).replaceAll('b', '♭').replaceAll('#', '♯');

/**
 * Cuts a symbol that the engine has read. `Bbm7b5/Ab` gives B♭, m, 7♭5 and A♭.
 */
export function symbolParts(symbol: string): SymbolParts {
  const plain = symbol.replaceAll('♭', 'b').replaceAll('♯', '#').trim();
  if (/^n\.?c\.?$/i.test(plain)) return { root: 'N.C.', quality: '', raised: '' };
  const match = /^([A-Ga-g](?:bb?|##?)?)(.*?)(?:\/([A-Ga-g](?:bb?|##?)?))?$/.exec(plain);
  if (!match) return { root: symbol, quality: '', raised: '' };
  const [, root = '', body = '', bass] = match;
  const quality = /^(?:mi(?!a)n?|m(?!aj|a)|[-–]|dim|°|o|ø|aug|\+)/.exec(body)?.[0] ?? '';
  const parts = {
    root: note(root),
    quality: quality === 'o' ? '°' : quality === '-' ? '–' : quality,
    raised: pretty(body.slice(quality.length)),
  };
  return bass === undefined ? parts : { ...parts, bass: note(bass) };
}

/** The symbol in one line of plain text with real accidentals, for labels that are read aloud. */
export function plainSymbol(symbol: string): string {
  const { root, quality, raised, bass } = symbolParts(symbol);
  return `${root}${quality}${raised}${bass ? `/${bass}` : ''}`;
}

/**
 * A sentence with its notes and chord symbols written with signs: "Bb7 leads to Eb" as "B♭7 leads to E♭".
 */
export const prettyText = (text: string): string =>
  text
    .replace(/\b([A-G])b(?=[^a-z]|m|dim|sus|add|$)/g, '$1♭')
    .replace(/\b([A-G])#/g, '$1♯')
    .replace(/(?<=[\dm(,])b(?=\d)/g, '♭')
    .replace(/(?<=[\dm(,])#(?=\d)/g, '♯');

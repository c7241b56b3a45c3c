import { englishNote } from '../pitch/germanNames';
import { parseNote } from '../pitch/spelling';
import { MOST_BEATS, formatMeter, parseMeter } from './meter';
import { FEELS, type ChartHeader } from './types';

export const SLOWEST = 30;
export const FASTEST = 360;
/** The longest title of a tune, in characters. */
export const LONGEST_TITLE = 120;

/**
 * Reads a key into its short form; `undefined` when it is none.
 * @example parseKey('F# minor') // 'F#m'
 * @example parseKey('e♭') // 'Eb'
 * @example parseKey('cis-Moll') // 'C#m'
 * @example parseKey('E flat minor') // 'Ebm'
 */
export function parseKey(text: string): string | undefined {
  const match = KEY.exec(text.replace(/(?<=\b[A-Ga-g])[ -](flat|sharp)\b/i, signOf));
  if (!match) return undefined;
  const tonic = match[1]!.replace('♭', 'b').replace('♯', '#');
  const root = englishNote(tonic) ?? tonic.charAt(0).toUpperCase() + tonic.slice(1);
  if (!parseNote(root)) return undefined;
  return root + (MINOR.test(match[2] ?? '') ? 'm' : '');
}

const signOf = (_: string, word: string): string => (/flat/i.test(word) ? 'b' : '#');

/** Case tells m from M. */
const KEY =
  /^\s*([A-Ga-g](?:is|es)|[AEae]s|[Hh]|[A-Ga-g][b#♭♯]?)(?:\s*|-(?=[DdMm]))(m|-|[Mm]in|[Mm]inor|[Mm]aj|[Mm]ajor|[Dd]ur|[Mm]oll)?\s*$/;
const MINOR = /^(?:m|-|min|minor|moll)$/i;

/** Reads one header line such as `tempo: 132`, or says what would be right. */
export function readHeaderLine(line: string): ChartHeader | string {
  const colon = line.indexOf(':');
  const name = line.slice(0, colon).trim().toLowerCase();
  const value = line.slice(colon + 1).trim();
  if (name === 'title') {
    if (value.length > LONGEST_TITLE) return `A title has at most ${LONGEST_TITLE} characters.`;
    return value ? { title: value } : 'A title is missing after "title:".';
  }
  if (name === 'key') {
    const key = parseKey(value);
    return key ? { key } : `"${value}" is no key: write a letter A to G, with m for minor, as Ebm.`;
  }
  if (name === 'meter') {
    const meter = parseMeter(value);
    return meter ? { meter } : `"${value}" is no meter: write beats and unit, as 3/4.`;
  }
  if (name === 'tempo') {
    const tempo = Number(value);
    const sane = tempo >= SLOWEST && tempo <= FASTEST;
    return sane
      ? { tempo }
      : `"${value}" is no tempo: write ${SLOWEST} to ${FASTEST} beats a minute.`;
  }
  if (name === 'pickup') {
    const pickup = Number(value);
    const sane = Number.isInteger(pickup) && pickup >= 1 && pickup <= MOST_BEATS;
    return sane ? { pickup } : `"${value}" is no pickup: write its beats, as pickup: 1.`;
  }
  const feel = FEELS.find((known) => known === value.toLowerCase());
  return feel ? { feel } : `"${value}" is no feel: write one of ${FEELS.join(', ')}.`;
}

/** The header as lines of text, in the order title, key, meter, tempo, feel, pickup. */
export function formatHeader(header: ChartHeader): string[] {
  const lines: string[] = [];
  if (header.title) lines.push(`title: ${header.title}`);
  if (header.key) lines.push(`key: ${header.key}`);
  if (header.meter) lines.push(`meter: ${formatMeter(header.meter)}`);
  if (header.tempo) lines.push(`tempo: ${header.tempo}`);
  if (header.feel) lines.push(`feel: ${header.feel}`);
  if (header.pickup) lines.push(`pickup: ${header.pickup}`);
  return lines;
}

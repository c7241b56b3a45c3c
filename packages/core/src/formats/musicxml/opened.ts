import { strFromU8 } from 'fflate';
import { fail, ok, type Result } from '../../base/result';
import { childrenOf, parser, type Element } from './elements';
import { isZip, LARGEST_XML, TOO_LARGE, unpacked } from './unpacked';

/** The score in a file, plain or packed (.mxl). Fails with a sentence for the player where there is none to be had. */
export function scoreIn(bytes: Uint8Array): Result<Element, string> {
  if (bytes.length > LARGEST_XML) return fail(TOO_LARGE);
  const text = isZip(bytes) ? unpacked(bytes) : ok(textOf(bytes));
  if (!text.ok) return text;
  if (/<!ENTITY/i.test(text.value)) {
    return fail(
      'This MusicXML file defines entities of its own, which no score needs. Export it again.',
    );
  }
  const elements = elementsOf(text.value);
  const score = elements.find(({ name }) => name === 'score-partwise');
  if (score) return ok(score);
  return fail(
    elements.some(({ name }) => name === 'score-timewise')
      ? 'This MusicXML score is written by time, not by part. Export it again as “partwise”.'
      : 'This is no MusicXML score: <score-partwise> is missing or the file is cut off.',
  );
}

function elementsOf(text: string): readonly Element[] {
  try {
    return childrenOf(parser.parse(text, true) as unknown[]);
  } catch {
    return [];
  }
}

/** Scores come in UTF-8, and from some programs in UTF-16. */
function textOf(bytes: Uint8Array): string {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return new TextDecoder('utf-16le').decode(bytes);
  return strFromU8(bytes);
}

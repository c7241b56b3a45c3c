import { strFromU8, unzipSync } from 'fflate';
import { fail, ok, type Result } from '../../base/result';

/** No solo needs a larger file, in bytes, packed and unpacked. */
export const LARGEST_XML = 10_000_000;

export const TOO_LARGE = 'This file is larger than 10 MB; a score of one solo is far smaller.';

/** Whether a file is packed. */
export const isZip = (bytes: Uint8Array): boolean => bytes[0] === 0x50 && bytes[1] === 0x4b;

/** The score in a packed file, without ever unpacking more than a score may hold. */
export function unpacked(bytes: Uint8Array): Result<string, string> {
  try {
    const tooLarge: string[] = [];
    const files = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        const score = /\.(?:musicxml|xml)$/i.test(name) && !name.startsWith('META-INF/');
        if (score && originalSize > LARGEST_XML) tooLarge.push(name);
        return score && originalSize <= LARGEST_XML;
      },
    });
    const [score] = Object.values(files);
    if (score) return ok(strFromU8(score));
    return fail(tooLarge.length ? TOO_LARGE : 'There is no score in this packed file.');
  } catch {
    return fail('This packed file is damaged and cannot be opened.');
  }
}

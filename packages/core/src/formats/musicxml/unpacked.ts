import { strFromU8, unzipSync } from 'fflate';
import { fail, ok, type Result } from '../../base/result';

/** No solo needs a larger file, in bytes, packed and unpacked. */
export const LARGEST_XML = 10_000_000;

export const TOO_LARGE = 'This file is larger than 10 MB; a score of one solo is far smaller.';

/** Whether a file is packed. */
export const isZip = (bytes: Uint8Array): boolean => bytes[0] === 0x50 && bytes[1] === 0x4b;

/** A score comes packed with its list of contents and perhaps some pictures. */
const MOST_FILES = 200;

/** The first score in a packed file; nothing else is unpacked, and nothing larger than a score may be. */
export function unpacked(bytes: Uint8Array): Result<string, string> {
  try {
    const seen = { files: 0, tooLarge: false, taken: false };
    const files = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        seen.files += 1;
        const score = /\.(?:musicxml|xml)$/i.test(name) && !name.startsWith('META-INF/');
        if (!score || seen.taken || seen.files > MOST_FILES) return false;
        seen.taken = originalSize <= LARGEST_XML;
        seen.tooLarge ||= !seen.taken;
        return seen.taken;
      },
    });
    if (seen.files > MOST_FILES) {
      return fail(`This packed file holds ${seen.files} files; a score comes with a few.`);
    }
    const [score] = Object.values(files);
    if (score) return ok(strFromU8(score));
    return fail(seen.tooLarge ? TOO_LARGE : 'There is no score in this packed file.');
  } catch {
    return fail('This packed file is damaged and cannot be opened.');
  }
}

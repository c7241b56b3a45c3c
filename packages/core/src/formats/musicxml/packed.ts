import { strToU8, zipSync } from 'fflate';

const CONTAINER = `<?xml version="1.0" encoding="UTF-8"?>
<container><rootfiles><rootfile full-path="score.musicxml" media-type="application/vnd.recordare.musicxml+xml"/></rootfiles></container>
`;

/** A time that every archive of the same score has, so that the same score is the same file. */
export const ALWAYS = new Date('2000-01-01T00:00:00Z');

/** A MusicXML document as a packed file, `.mxl`. Source: MusicXML 4.0, compressed files. */
export function packMusicXml(document: string): Uint8Array<ArrayBuffer> {
  return new Uint8Array(
    zipSync(
      {
        mimetype: [strToU8('application/vnd.recordare.musicxml'), { level: 0 }],
        'META-INF/container.xml': strToU8(CONTAINER),
        'score.musicxml': strToU8(document),
      },
      { mtime: ALWAYS },
    ),
  );
}

/** A file or pasted text as tunes, whatever it is: told by its first bytes, not by its name. */
import { fail, ok, type Result } from '../../base/result';
import { storablePart } from '../../base/storable';
import { formatMeter, parseMeter } from '../../chart/meter';
import { parseChart } from '../../chart/parseChart';
import { readMidi } from '../midi/read';
import { readChartXml } from '../musicxml/readChart';
import { isZip } from '../musicxml/unpacked';
import { readSoloFile } from '../soloFile';
import { keyHeard } from '../charts/keyHeard';
import { chartOfMidi } from './chartOfMidi';
import { readPasted } from './readPasted';
import {
  LONGEST_PASTE,
  type Incoming,
  type IncomingFields,
  type IncomingSolo,
  type IncomingTune,
  type PasteHabits,
  type UnderstoodLine,
} from './types';

/**
 * Reads MusicXML (plain or packed), a Standard MIDI File or text. Fails with a sentence for the player where no tune is in it.
 * @param name of the file, for a tune that has no title
 */
export function readIncoming(
  bytes: Uint8Array,
  name: string,
  habits?: PasteHabits,
): Result<Incoming, string> {
  const start = String.fromCharCode(...bytes.slice(0, 64));
  if (start.startsWith('MThd')) return incomingMidi(bytes, titleFrom(name));
  const mark = /^(?:\xef\xbb\xbf|\xff\xfe)?\s*<\W*(\w*)/.exec(start.replaceAll('\0', ''));
  if (isZip(bytes) || (mark && !OF_A_PAGE.test(mark[1]!))) {
    return incomingXml(bytes, titleFrom(name));
  }
  return incomingText(bytes, habits);
}

/** What a piece of a page begins with that was copied with its marks. */
const OF_A_PAGE = /^(?:b|i|u|em|strong|span|p|div|pre|table|tr|td|ul|ol|li|h[1-6])$/i;

const titleFrom = (name: string): string =>
  storablePart(name)
    .replace(/\.[a-z]{2,8}$/i, '')
    .replaceAll('_', ' ')
    .trim() || 'New tune';

function incomingText(bytes: Uint8Array, habits?: PasteHabits): Result<Incoming, string> {
  if (bytes.length > LONGEST_PASTE) {
    return fail('This text is longer than 2 MB; a book of 500 tunes is shorter.');
  }
  let text: string;
  try {
    text = new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    text = new TextDecoder('windows-1252').decode(bytes);
  }
  const strange = Array.from(text).filter((each) => each < ' ' && !/[\t\r\n\f]/.test(each)).length;
  if (strange * 20 > text.length) {
    return fail('This is no text, no MusicXML and no MIDI file, so nothing can be read from it.');
  }
  const read = readPasted(text, habits);
  return read.tunes.length ? ok(read) : fail('There is nothing in this text.');
}

function incomingXml(bytes: Uint8Array, name: string): Result<Incoming, string> {
  const read = readChartXml(bytes);
  if (!read.ok) return read;
  const { title, header, text, solos, said } = read.value;
  const { chart, problems } = parseChart(text, header.meter);
  const fields = {
    ...{ title: title || name, text },
    key: header.key ?? keyHeard(chart),
    meter: formatMeter(header.meter ?? chart.meter),
    ...{ tempo: header.tempo ?? USUAL_TEMPO, feel: header.feel ?? 'swing' },
  };
  return ok(oneTune(fields, solos, problems, said));
}

function incomingMidi(bytes: Uint8Array, name: string): Result<Incoming, string> {
  const read = readMidi(bytes);
  if (!read.ok) return read;
  const { song, skipped } = read.value;
  const made = chartOfMidi(song);
  if (!made) {
    return fail(
      'There are no chord symbols in this MIDI file, so no chart can be made from it. A line of it can be brought in on the Comp screen of its tune.',
    );
  }
  const solo = readSoloFile(bytes);
  const isLine = solo.ok && /solo|lead|melody|voice/i.test(solo.value.name);
  const solos = isLine ? [{ name: solo.value.name, line: solo.value.line }] : [];
  const { text, title, meter, tempo, feel, said } = made;
  const { chart, problems } = parseChart(text, parseMeter(meter));
  const fields = { title: title || name, text, meter, tempo, feel };
  const sentences = [...said, ...skipped.map((each) => each.replace(/\.$/, ''))];
  return ok(oneTune({ ...fields, key: song.key ?? keyHeard(chart) }, solos, problems, sentences));
}

const USUAL_TEMPO = 120;

/** A file holds one tune; what was understood is told thing by thing. */
function oneTune(
  fields: IncomingFields,
  solos: readonly IncomingSolo[],
  problems: readonly { readonly line: number; readonly message: string }[],
  said: readonly string[],
): Incoming {
  const { title, key, meter, tempo, feel, text } = fields;
  const { chart } = parseChart(text, parseMeter(meter));
  const bars = chart.sections.reduce((sum, section) => sum + section.bars.length, 0);
  const told = (kind: UnderstoodLine['kind'], own: string, as: string) => ({ kind, text: own, as });
  const lines = [
    told('title', 'Title', title),
    told('head', 'Key, meter, tempo, feel', `${key}, ${meter}, ${tempo} a minute, ${feel}`),
    told('changes', 'Chart', `${bars} ${bars === 1 ? 'bar' : 'bars'}`),
    ...solos.map(({ name, line }) =>
      told('changes', `Line “${name}”`, `${line.notes.length} notes, kept as a solo line`),
    ),
    ...said.map((each) => told('left out', 'Not taken as it is', each)),
  ].map((each, at): UnderstoodLine => ({ ...each, line: at + 1, tune: 0 }));
  const tune: IncomingTune = {
    ...{ fields, solos, bars },
    problems: problems.map(({ line, message }) => ({ line, message })),
  };
  return { tunes: [tune], lines };
}

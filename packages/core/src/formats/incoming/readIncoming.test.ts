import { strToU8, zipSync } from 'fflate';
import { bandPlan } from '../../band/plan';
import { parseMeter } from '../../chart/meter';
import { parseChart } from '../../chart/parseChart';
import { timeline } from '../../chart/timeline';
import { FEELS } from '../../chart/types';
import { leadSheet } from '../../score/documents';
import { demoTexts } from '../../testing/demo';
import type { MidiSong } from '../midi/types';
import { writeMidi } from '../midi/write';
import { packMusicXml } from '../musicxml/packed';
import { writeMusicXml } from '../musicxml/writeScore';
import { songOf } from '../songOf';
import { readIncoming } from './readIncoming';
import type { Incoming } from './types';

const read = (bytes: Uint8Array | string, name = 'file.txt'): Incoming => {
  const result = readIncoming(typeof bytes === 'string' ? strToU8(bytes) : bytes, name);
  if (!result.ok) throw new Error(result.problem);
  return result.value;
};
const refusal = (bytes: Uint8Array | string, name = 'file'): string => {
  const result = readIncoming(typeof bytes === 'string' ? strToU8(bytes) : bytes, name);
  return result.ok ? 'was read' : result.problem;
};

const oneChord: MidiSong = {
  ...{ title: 'T', tempo: 120, key: 'C', meters: [], sections: [] },
  chords: [{ at: 0, text: 'C6' }],
  tracks: [
    {
      ...{ name: 'Solo', channel: 0, program: 0 },
      notes: [{ midi: 60, at: 0, length: 480, velocity: 80 }],
    },
  ],
};

describe('a MIDI file of ours', () => {
  it('gives back the chords at their times, every demo tune', () => {
    for (const text of demoTexts()) {
      const { chart } = parseChart(text);
      const time = timeline(chart);
      const plan = bandPlan({ timeline: time, path: [], feel: 'swing', tempo: 132 });
      const song = songOf({
        ...{ title: 'Käpt’n', tempo: 132, key: chart.header.key ?? 'C', timeline: time, plan },
        ...(chart.header.feel && { feel: chart.header.feel }),
        ...{ sections: [{ name: 'A', fromBar: 1 }], instrument: 'guitar' },
      });
      const { tunes } = read(writeMidi(song), 'x.mid');
      const [tune] = tunes;
      const { fields, problems } = tune!;
      expect(problems).toEqual([]);
      const { key, feel = 'swing' } = chart.header;
      expect(fields).toMatchObject({ title: 'Käpt’n', tempo: 132, key, feel });
      const again = timeline(parseChart(fields.text, parseMeter(fields.meter)).chart);
      // A form that comes again within the tune is written once.
      const times = time.bars.length / again.bars.length;
      expect(Number.isInteger(times)).toBe(true);
      const shown = ({ events }: typeof time) =>
        events.map(({ chord, at }) => [chord.symbol, at] as const);
      expect(shown(again)).toEqual(shown(time).slice(0, again.events.length));
    }
  });

  it.each(FEELS)('keeps that it is %s', (feel) => {
    const { tunes } = read(writeMidi({ ...oneChord, feel }), 'x.mid');
    expect(tunes[0]?.fields.feel).toBe(feel);
  });

  it('without a key signature is in the key it is heard in', () => {
    const { key: _, ...keyless } = oneChord;
    const chords = ['Dm7b5', 'G7b9', 'Cm6'].map((text, at) => ({ at: at * 1920, text }));
    const { tunes } = read(writeMidi({ ...keyless, chords }), 'x.mid');
    expect(tunes[0]?.fields.key).toBe('Cm');
  });

  it('without chords says where a line of it can be brought in', () => {
    expect(refusal(writeMidi({ ...oneChord, chords: [] }))).toMatch(
      /no chord symbols in this MIDI file/,
    );
  });
});

it('a MIDI file of another program says its feel in words, which are no chord that was left out', () => {
  const texts = [
    { at: 0, text: 'Bossa Nova' },
    { at: 0, text: 'Dm7' },
  ];
  const { tunes, lines } = read(writeMidi({ ...oneChord, chords: texts }), 'x.mid');
  expect(tunes[0]?.fields).toMatchObject({ feel: 'latin', text: '| Dm7 |' });
  expect(lines.filter(({ kind }) => kind === 'left out')).toEqual([]);
});

it('a piece of a page is read as text, without its marks', () => {
  const { tunes } = read('<p><b>Dm7</b> | <b>G7</b> | C6</p>');
  expect(tunes[0]!.fields.text).toBe('| Dm7 | G7 | C6 |');
});

it('a file is told by what it holds, whatever it is called', () => {
  const sheet = leadSheet({
    ...{ title: 'Oars', chart: parseChart('| Dm7 | G7 |').chart, key: 'C', tempo: 99 },
    feel: 'ballad',
  });
  const document = writeMusicXml(sheet);
  for (const bytes of [strToU8(document), packMusicXml(document), strToU8(`\ufeff${document}`)]) {
    expect(read(bytes, 'x.txt').tunes[0]!.fields).toEqual({
      ...{ title: 'Oars', text: '| Dm7 | G7 |', key: 'C', meter: '4/4', tempo: 99, feel: 'ballad' },
    });
  }
  expect(read('title: Oars\n| Dm7 |', 'x.xml').tunes[0]!.fields.title).toBe('Oars');
});

it('a score without a title is called as its file', () => {
  const untitled = writeMusicXml(
    leadSheet({
      ...{ title: '', chart: parseChart('| Dm7 |').chart, key: 'C', tempo: 99, feel: 'swing' },
    }),
  );
  expect(read(untitled, 'Low_Water.musicxml').tunes[0]!.fields.title).toBe('Low Water');
});

it('text of an older machine keeps its letters', () => {
  const latin = Uint8Array.from('Kätzchen\n\n| Dm7 | G7 |', (each) => each.charCodeAt(0));
  expect(read(latin).tunes[0]!.fields.title).toBe('Kätzchen');
});

describe('what is no tune is refused in words', () => {
  const document = writeMusicXml(
    leadSheet({
      ...{ title: 'T', chart: parseChart('| Dm7 |').chart, key: 'C', tempo: 99, feel: 'swing' },
    }),
  );
  const packed = packMusicXml(document);
  it.each([
    ['nothing', '', /nothing in this text/],
    [
      'a picture',
      Uint8Array.from([0x89, 80, 78, 71, 13, 10, 26, 10, 0, 0, 0, 13, 1, 2, 3]),
      /no text, no MusicXML/,
    ],
    ['a page of the web', '<html><body>Dm7</body></html>', /no MusicXML score/],
    ['a score that is cut off', document.slice(0, 300), /cut off/],
    ['a packed score that is cut off', packed.slice(0, packed.length - 40), /damaged/],
    [
      'a packed file of something else',
      zipSync({ 'a.txt': strToU8('x') }),
      /no score in this packed/,
    ],
    [
      'a packed file that grows beyond measure',
      zipSync({ 'a.xml': new Uint8Array(30_000_000) }, { level: 9 }),
      /larger than 10 MB/,
    ],
    [
      'entities',
      `<?xml version="1.0"?><!DOCTYPE x [<!ENTITY a "b">]>${document}`,
      /entities of its own/,
    ],
    [
      'a MIDI file that is cut off',
      'MThd\0\0\0\u0006\0\u0001\0\u0001\u0001',
      /cut off|no Standard MIDI/,
    ],
    ['a text beyond measure', '| Dm7 |\n'.repeat(300_000), /longer than 2 MB/],
  ])('%s', (_, bytes, words) => {
    expect(refusal(bytes)).toMatch(words);
  });
});

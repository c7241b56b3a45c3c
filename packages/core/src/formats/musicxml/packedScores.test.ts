import { strFromU8, unzipSync } from 'fflate';
import { parseChart } from '../../chart/parseChart';
import { leadSheet } from '../../score/documents';
import { packParts, packScores } from './packedScores';
import { writeMusicXml } from './writeScore';

const named = (name: string, text = '| Dm7 G7 | Cmaj7 |') => ({
  name,
  score: leadSheet({
    ...{ title: name, chart: parseChart(text).chart, key: 'C', tempo: 120 },
    feel: 'swing',
  }),
});
const namesIn = (archive: Uint8Array): string[] => Object.keys(unzipSync(archive));

it('documents are numbered in their order, so that a folder lists them as they are played', () => {
  const scores = Array.from({ length: 12 }, (_, at) => named(`Tune ${12 - at}`));
  const names = namesIn(packScores(scores));
  expect(names.slice(0, 2)).toEqual(['01 Tune 12.musicxml', '02 Tune 11.musicxml']);
  expect([...names].sort()).toEqual(names);
});

it('each file is the document as it leaves by itself', () => {
  const score = named('Rope');
  const file = unzipSync(packScores([score]))['1 Rope.musicxml']!;
  expect(strFromU8(file)).toBe(writeMusicXml(score.score));
});

it('a tune that is played twice is there twice, and no title breaks out of its folder', () => {
  expect(namesIn(packScores([named('Rope'), named('../Rope'), named('Rope')]))).toEqual([
    '1 Rope.musicxml',
    '2 .. Rope.musicxml',
    '3 Rope.musicxml',
  ]);
});

it('the documents of each player stand in a folder, numbered anew', () => {
  const parts = [
    { folder: 'Flute', scores: [named('Rope'), named('Chain')] },
    { folder: 'B♭ trumpet', scores: [named('Rope')] },
  ];
  expect(namesIn(packParts(parts))).toEqual([
    'Flute/1 Rope.musicxml',
    'Flute/2 Chain.musicxml',
    'B♭ trumpet/1 Rope.musicxml',
  ]);
});

it('the same documents make the same archive, byte for byte', () => {
  expect(packScores([named('Rope')])).toEqual(packScores([named('Rope')]));
});

/**
 * Sounds our MusicXML with lilypond and compares. Each document goes through musicxml2ly, is engraved by lilypond as MIDI, and
 * that is read by mido: the same pitches at the same times as the score says. Run: scripts/check-lilypond.
 */
import {
  chorusOf,
  connect,
  defaultGuitar,
  defaultKeyboard,
  defaultSettings,
  heardLine,
  LAYER_RANGES,
  layerLine,
  leadSheet,
  lineSheet,
  parseChart,
  rooms,
  voicingsSheet,
  writeMusicXml,
  type Score,
  type SheetTune,
} from '@drop-close/core';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const SOUNDS = `
import mido, sys
song = mido.MidiFile(sys.argv[1])
notes = set()
for track in song.tracks:
    now = 0
    for message in track:
        now += message.time
        if message.type == 'note_on' and message.velocity:
            notes.add((round(now * 480 / song.ticks_per_beat), message.note))
for at, note in sorted(notes):
    print(at, note)
`;

interface Document {
  readonly name: string;
  readonly score: Score;
}

function documentsOf(text: string): Document[] {
  const { chart } = parseChart(text);
  const { title = 'untitled', key = 'C', tempo = 120, feel = 'swing' } = chart.header;
  const tune: SheetTune = { title, chart, key, tempo, feel };
  const chorus = chorusOf(chart);
  const { timeline } = chorus;
  const voicings = [defaultGuitar, defaultKeyboard].flatMap((instrument): Document[] => {
    const settings = { ...defaultSettings, instrument, room: rooms.bass };
    const outcome = connect([...chorus.chords], settings);
    if (outcome.status !== 'found') return [];
    const chords = { name: 'Voicings', instrument, timeline, path: outcome.path };
    const name = `${title}, voicings, ${instrument.kind}`;
    return [{ name, score: voicingsSheet(tune, chords) }];
  });
  const range = LAYER_RANGES.guitar.arpeggios;
  const line = layerLine('arpeggios', timeline, { range, pace: 'eighths' });
  return [
    { name: `${title}, lead sheet`, score: leadSheet(tune) },
    ...voicings,
    { name: `${title}, arpeggios`, score: lineSheet(tune, 'Arpeggios', line) },
    { name: `${title}, arpeggios, tenor`, score: lineSheet(tune, 'Arpeggios', line, 'tenor sax') },
  ];
}

/** Beginnings and pitches, from the beginning of the score. */
function meant(score: Score): string[] {
  const start = score.measures.find(({ number }) => number > 0)?.at ?? 0;
  const notes = heardLine(score).notes.map(({ at, midi }) => `${at + start} ${midi}`);
  return [...new Set(notes)].sort();
}

function sounded(folder: string, score: Score): string[] {
  const [xml, ly] = [join(folder, 'score.musicxml'), join(folder, 'score.ly')];
  writeFileSync(xml, writeMusicXml(score));
  execFileSync('musicxml2ly', ['--output', ly, xml], { stdio: 'pipe' });
  // It would sound the chord symbols too, and shorten the notes.
  const read = readFileSync(ly, 'utf8');
  const notesAlone = read
    .replace(/\\context ChordNames = .*$/gm, '')
    .replace('\\layout {}', '\\midi {}');
  writeFileSync(ly, notesAlone);
  execFileSync('lilypond', ['--loglevel=ERROR', '-dno-print-pages', ly], {
    ...{ cwd: folder, stdio: 'pipe' },
  });
  const file = readdirSync(folder).find((each) => each.endsWith('.midi'));
  if (file === undefined) return [];
  const heard = execFileSync('/usr/bin/python3', ['-c', SOUNDS, join(folder, file)]).toString();
  return heard.split('\n').filter(Boolean).sort();
}

function main(): void {
  const files = readdirSync('demo').filter((file) => file.endsWith('.txt'));
  let [notes, documents, failed] = [0, 0, 0];
  for (const file of files.sort()) {
    for (const { name, score } of documentsOf(readFileSync(join('demo', file), 'utf8'))) {
      const folder = mkdtempSync(join(tmpdir(), 'lilypond-'));
      const expected = meant(score);
      const heard = sounded(folder, score);
      rmSync(folder, { recursive: true });
      const missing = expected.filter((each) => !heard.includes(each));
      const more = heard.filter((each) => !expected.includes(each));
      documents += 1;
      notes += expected.length;
      if (!missing.length && !more.length) continue;
      failed += 1;
      console.log(
        `${name}: missing ${missing.slice(0, 5).join(', ')}; more ${more.slice(0, 5).join(', ')}`,
      );
    }
  }
  console.log(`${documents} documents, ${notes} notes, ${failed} failed`);
  process.exitCode = failed ? 1 : 0;
}

main();

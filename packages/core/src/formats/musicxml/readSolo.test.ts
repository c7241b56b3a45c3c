import { strToU8, zipSync } from 'fflate';
import { readMusicXml } from './readSolo';
import { LARGEST_XML } from './unpacked';

const score = (measures: string, attributes = ''): string => `<?xml version="1.0" encoding="UTF-8"?>
<!DOCTYPE score-partwise PUBLIC "-//Recordare//DTD MusicXML 4.0 Partwise//EN" "http://www.musicxml.org/dtds/partwise.dtd">
<score-partwise version="4.0">
<part-list><score-part id="P1"><part-name>Tenor</part-name></score-part></part-list>
<part id="P1"><measure number="1"><attributes><divisions>2</divisions>${attributes}</attributes>${measures}</measure></part>
</score-partwise>`;

const note = (step: string, octave: number, duration: number, more = ''): string =>
  `<note>${more.includes('chord') ? '<chord/>' : ''}<pitch><step>${step[0]}</step>${step[1] ? `<alter>${step[1] === 'b' ? -1 : 1}</alter>` : ''}<octave>${octave}</octave></pitch><duration>${duration}</duration>${more.replace('<chord/>', '')}</note>`;

const read = (text: string | Uint8Array) => {
  const result = readMusicXml(typeof text === 'string' ? strToU8(text) : text);
  if (!result.ok) throw new Error(result.problem);
  return result.value;
};
const refusal = (bytes: Uint8Array): string => {
  const result = readMusicXml(bytes);
  return result.ok ? 'was read' : result.problem;
};
const short = ({
  notes,
}: {
  readonly notes: readonly { midi: number; at: number; length: number }[];
}) => notes.map(({ midi, at, length }) => [midi, at, length]);

describe('a line in MusicXML', () => {
  it('comes out note by note, with rests between', () => {
    const rest = '<note><rest/><duration>1</duration></note>';
    const line = read(score(note('Bb', 4, 1) + rest + note('C', 5, 2)));
    expect(line.name).toBe('Tenor');
    expect(short(line)).toEqual([
      [70, 0, 240],
      [72, 480, 480],
    ]);
    expect(line.skipped).toEqual([]);
  });

  it('joins tied notes', () => {
    const tied = read(
      score(note('G', 4, 2, '<tie type="start"/>') + note('G', 4, 1, '<tie type="stop"/>')),
    );
    expect(short(tied)).toEqual([[67, 0, 720]]);
  });

  it('sounds where a transposing horn sounds: a tenor’s written D5 is C4', () => {
    const tenor =
      '<transpose><diatonic>-1</diatonic><chromatic>-2</chromatic><octave-change>-1</octave-change></transpose>';
    expect(short(read(score(note('D', 5, 2), tenor)))).toEqual([[60, 0, 480]]);
  });

  it('takes the top note of a chord and the first voice, and tells the rest', () => {
    const line = read(
      score(
        note('C', 4, 2, '<voice>1</voice>') +
          note('E', 4, 2, '<chord/><voice>1</voice>') +
          '<backup><duration>2</duration></backup>' +
          note('A', 3, 2, '<voice>2</voice>') +
          '<note><grace/><pitch><step>D</step><octave>4</octave></pitch></note>' +
          '<barline><repeat direction="backward"/></barline>',
      ),
    );
    expect(short(line)).toEqual([[64, 0, 480]]);
    expect(line.skipped).toEqual([
      '2 notes of other voices under the top one.',
      '1 grace notes.',
      'Repeats and endings: the line is taken as it is written, once through.',
    ]);
  });

  it('may come packed', () => {
    const packed = zipSync({
      'META-INF/container.xml': strToU8('<container/>'),
      'line.musicxml': strToU8(score(note('C', 4, 2))),
    });
    expect(short(read(packed))).toEqual([[60, 0, 480]]);
  });
});

describe('a file that is no use', () => {
  it('is refused where it defines entities', () => {
    const bomb = `<!DOCTYPE x [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;">]>${score(note('C', 4, 2))}`;
    expect(refusal(strToU8(bomb))).toMatch(/defines entities/);
  });
  it('is refused where it unpacks to far more than a score, and is not unpacked', () => {
    const bomb = zipSync({ 'bomb.xml': new Uint8Array(60_000_000) }, { level: 9 });
    expect(bomb.length).toBeLessThan(100_000);
    expect(refusal(bomb)).toMatch(/larger than 10 MB/);
  });
  it('has one score unpacked, however many it holds, and is refused where those are hundreds', () => {
    const many = (count: number, size: number) =>
      zipSync(
        Object.fromEntries(
          Array.from({ length: count }, (_, n) => [`${n}.xml`, new Uint8Array(size).fill(32)]),
        ),
        { level: 9 },
      );
    // Twenty scores of 9 MB each: the first is unpacked, and is no score.
    expect(refusal(many(20, 9_000_000))).toMatch(/no MusicXML score/);
    expect(refusal(many(201, 10))).toBe(
      'This packed file holds 201 files; a score comes with a few.',
    );
  });
  it('is refused where its elements lie a million deep', () => {
    expect(refusal(strToU8(`<score-partwise>${'<part>'.repeat(1_000_000)}`))).toMatch(
      /no MusicXML score|no notes/,
    );
  });
  it('is refused where it is too large, cut off, empty of notes or something else', () => {
    expect(refusal(new Uint8Array(LARGEST_XML + 1))).toMatch(/larger than 10 MB/);
    expect(refusal(strToU8(score(note('C', 4, 2)).slice(0, -40)))).toMatch(/cut off/);
    expect(refusal(strToU8(score('')))).toBe('There are no notes in this score.');
    expect(refusal(strToU8('<html></html>'))).toMatch(/no MusicXML score/);
    expect(refusal(new Uint8Array([0x50, 0x4b, 3, 4, 9, 9]))).toMatch(/damaged|no score/);
  });
});

import {
  FAMILY_IDS,
  FRETTED,
  FRETTED_IDS,
  INSTRUMENT_IDS,
  KEYED_IDS,
  defaultInstruments,
  defaultVoicingSettings,
  enumerateVoicings,
  parseChord,
  type Instrument,
  type Voicing,
} from '@drop-close/core';
import { keyOfNote, type EngravedNote } from './keys';
import { voicingScore } from './voicingScore';

/** A few voicings of every family on one instrument. */
function voicings(instrument: Instrument): Voicing[] {
  return ['Ebmaj7', 'F#7', 'Bbm7b5', 'G7alt', 'Cb6'].flatMap((symbol) => {
    const chord = parseChord(symbol);
    if (!chord.ok) throw new Error(chord.problem.message);
    return FAMILY_IDS.filter((id) => id !== 'colour').flatMap((family) => {
      const settings = { ...defaultVoicingSettings, instrument, families: [family] };
      const all = enumerateVoicings(chord.value, settings);
      return all.filter((_, at) => at % Math.ceil(all.length / 2) === 0);
    });
  });
}

const pitchesOf = ({ notes }: Voicing): number[] => notes.map(({ midi }) => midi);

it.each(FRETTED_IDS)('writes the string and fret of every note of a %s', (id) => {
  const neck = defaultInstruments[id];
  const all = voicings(neck);
  expect(all.length).toBeGreaterThan(15);
  for (const voicing of all) {
    const score = voicingScore(voicing, neck, String);
    if (score.kind !== 'staff and tab') throw new Error('no tab');
    const sounding = score.tab.map(({ string, fret }) => neck.tuning.at(-string)! + fret);
    expect(sounding).toEqual(pitchesOf(voicing));
    expect(score.notes.map(({ midi }) => midi - score.writtenAbove)).toEqual(sounding);
  }
});

it('writes a guitar an octave above what sounds and a ukulele where it sounds', () => {
  expect(FRETTED.guitar.writtenAbove).toBe(12);
  expect(FRETTED.ukulele.writtenAbove).toBe(0);
});

it.each(KEYED_IDS)('writes each hand on the %s on its own staff', (id) => {
  const all = voicings(defaultInstruments[id]);
  expect(all.length).toBeGreaterThan(50);
  for (const voicing of all) {
    const score = voicingScore(voicing, defaultInstruments[id], String);
    if (score.kind !== 'two staves') throw new Error('no two staves');
    const { treble, bass } = score;
    expect([...bass, ...treble].map(({ midi }) => midi)).toEqual(pitchesOf(voicing));
    const hands = new Set(voicing.notes.map(({ hand }) => hand));
    if (hands.size === 2) {
      expect(bass).toHaveLength(voicing.notes.filter(({ hand }) => hand === 'left').length);
    }
  }
});

/** Verovio, a general-purpose engraver, as an independent reader. */
interface Toolkit {
  loadData: (data: string) => boolean;
  renderToMIDI: () => string;
  renderToTimemap: () => readonly { on?: readonly string[] }[];
  getMIDIValuesForElement: (id: string) => { pitch: number };
}
// eslint-disable-next-line @typescript-eslint/no-require-imports -- it ships for CommonJS only
const verovio = require('verovio') as {
  module: { onRuntimeInitialized?: () => void };
  toolkit: new () => Toolkit;
};
const ready = new Promise<void>((resolve) => {
  verovio.module.onRuntimeInitialized = resolve;
});

const ALTER: Readonly<Record<string, number>> = { '': 0, b: -1, bb: -2, '#': 1, '##': 2 };

/** What the engraver is given, as MusicXML 4.0 of one whole chord. */
function musicXml(notes: readonly EngravedNote[], clef: string): string {
  const chord = notes.map((note, at) => {
    const [name = '', octave = ''] = keyOfNote(note).split('/');
    const alter = ALTER[name.slice(1)];
    return `<note>${at ? '<chord/>' : ''}<pitch><step>${name.charAt(0).toUpperCase()}</step>${
      alter ? `<alter>${alter}</alter>` : ''
    }<octave>${octave}</octave></pitch><duration>4</duration><type>whole</type></note>`;
  });
  return `<?xml version="1.0"?><score-partwise version="4.0"><part-list><score-part id="P"><part-name/></score-part></part-list><part id="P"><measure number="1"><attributes><divisions>1</divisions><time><beats>4</beats><beat-type>4</beat-type></time>${clef}</attributes>${chord.join('')}</measure></part></score-partwise>`;
}

const TREBLE = '<clef><sign>G</sign><line>2</line></clef>';
const BASS = '<clef><sign>F</sign><line>4</line></clef>';

it('is read back by an independent reader as the very pitches that sound', async () => {
  await ready;
  const toolkit = new verovio.toolkit();
  const read = (notes: readonly EngravedNote[], clef: string): number[] => {
    toolkit.loadData(musicXml(notes, clef));
    toolkit.renderToMIDI();
    const on = toolkit.renderToTimemap().flatMap((moment) => moment.on ?? []);
    return on.map((id) => toolkit.getMIDIValuesForElement(id).pitch).sort((a, b) => a - b);
  };
  let checked = 0;
  const all = INSTRUMENT_IDS.flatMap((id) => {
    const instrument = defaultInstruments[id];
    return voicings(instrument).map((voicing) => ({ instrument, voicing }));
  });
  for (const { instrument, voicing } of all) {
    const score = voicingScore(voicing, instrument, String);
    const heard =
      score.kind === 'staff and tab'
        ? read(score.notes, TREBLE).map((pitch) => pitch - score.writtenAbove)
        : [
            ...(score.bass.length ? read(score.bass, BASS) : []),
            ...(score.treble.length ? read(score.treble, TREBLE) : []),
          ];
    expect(heard).toEqual(pitchesOf(voicing));
    checked += 1;
  }
  expect(checked).toBeGreaterThan(150);
});

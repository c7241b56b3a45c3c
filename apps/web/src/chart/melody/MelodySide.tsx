import {
  formatMeter,
  sayNote,
  type PitchedChord,
  type SoloLine,
  type ToldPhrase,
} from '@drop-close/core';
import { SoundOutlined } from '@ant-design/icons';
import { Button, Select, Upload } from 'antd';
import { useState } from 'react';
import { stacked } from '../../playback/tones';
import { useBand } from '../../playback/useBand';
import { useHeading } from '../../place/heading';
import { FileNote } from '../../solo/FileNote';
import { readFile, type Told } from '../../solo/fileRead';
import { linePlan } from '../../solo/linePlan';
import { useSolos } from '../../solo/useSolos';
import { prettyPitch } from '../../ui/notation';
import { WRITTEN_ABOVE, usePreferences } from '../../ui/preferences';
import { prettyText } from '../../ui/symbol';
import { chooseMelody, chooseNote, useMelodyStore, type Melody } from './useMelody';

/** A line to be told: chosen or brought in, said note by note, and phrase by phrase in figures. */
export function MelodySide({ melody }: { melody: Melody | undefined }) {
  const { solos, add, failure } = useSolos();
  const meter = formatMeter(useHeading().meter);
  const [file, setFile] = useState<Told | undefined>();
  const bringIn = async (chosen: File): Promise<void> => {
    const read = await readFile(chosen);
    setFile(read);
    if (!read.line) return;
    add.mutate(
      { name: read.name.trim() || 'A melody', line: read.line },
      {
        onSuccess: ({ id }) => {
          chooseMelody(id);
        },
      },
    );
  };
  return (
    <div className="melody-side">
      {failure && <p className="fault">{failure}</p>}
      {add.error && <p className="fault">{add.error.message}</p>}
      <div className="melody-choice">
        <Select
          aria-label="Which line"
          placeholder="No line yet"
          value={melody?.solo.id}
          options={solos.map(({ id, name }) => ({ value: id, label: name }))}
          onChange={chooseMelody}
        />
        <Upload
          accept=".mid,.midi,.musicxml,.xml,.mxl"
          showUploadList={false}
          beforeUpload={(chosen) => {
            void bringIn(chosen);
            return false;
          }}
        >
          <Button>Bring in a file…</Button>
        </Upload>
      </div>
      {file && <FileNote told={file} />}
      {file?.meter && file.meter !== meter && (
        <p className="fault" role="alert">
          The file is in {file.meter} and the tune in {meter}: its notes are counted in beats from
          bar 1, so bar lines will not agree.
        </p>
      )}
      {melody ? (
        <ToldMelody melody={melody} />
      ) : (
        <p className="quiet">
          Bring in a melody or a solo as MusicXML or MIDI, or make one on the Comp screen: every
          note is told against the chord it stands on.
        </p>
      )}
    </div>
  );
}

function ToldMelody({ melody: { told, solo } }: { melody: Melody }) {
  const { note } = useMelodyStore();
  const { reader } = usePreferences();
  const band = useBand();
  const above = WRITTEN_ABOVE[reader];
  const at = Math.min(note, told.notes.length - 1);
  const inHand = told.notes[at];
  const chord = told.chords[told.told[at]?.chord ?? -1]?.chord;
  const lost = solo.unfit.length;
  return (
    <>
      {[...told.problems, ...(lost ? [lostInWords(lost)] : [])].map((problem) => (
        <p key={problem} className="quiet" role="status">
          {problem}
        </p>
      ))}
      {inHand && (
        <section className="melody-in-hand" aria-label="The note in hand" aria-live="polite">
          <b>{prettyPitch(inHand.midi)}</b> {prettyText(sayNote(told, at))}{' '}
          <Button
            type="text"
            size="small"
            icon={<SoundOutlined aria-hidden />}
            aria-label="Hear it over its chord"
            onClick={() => {
              band.hearPool(lowered(chord, above), [inHand.midi - above]);
            }}
          />
        </section>
      )}
      <ol className="melody-phrases">
        {told.phrases.map((phrase) => (
          <li key={phrase.first}>
            <Button
              type="text"
              size="small"
              icon={<SoundOutlined aria-hidden />}
              aria-label={`Hear the phrase of ${barsOf(phrase)}`}
              onClick={() => {
                band.hearPlan(linePlan(phraseLine(solo.line, told.notes, phrase, above)));
              }}
            />
            <button
              type="button"
              className="landmark"
              aria-pressed={at >= phrase.first && at <= phrase.last}
              onClick={() => {
                chooseNote(phrase.first);
              }}
            >
              <b>{barsOf(phrase)}</b> <span className="quiet">{figuresOf(phrase)}</span>
            </button>
          </li>
        ))}
      </ol>
    </>
  );
}

const lostInWords = (count: number): string =>
  `${count} ${count === 1 ? 'note lies' : 'notes lie'} beyond the form or in bars that are gone; they are kept and not told.`;

const lowered = (chord: PitchedChord | undefined, by: number): number[] =>
  chord ? stacked(chord).map((pitch) => pitch - by) : [];

function phraseLine(
  line: SoloLine,
  notes: SoloLine['notes'],
  { first, last }: ToldPhrase,
  above: number,
): SoloLine {
  const own = notes.slice(first, last + 1);
  return {
    ...line,
    notes: own.map((each) => ({ ...each, midi: (each.midi - above) as typeof each.midi })),
  };
}

const barsOf = ({ fromBar, toBar }: ToldPhrase): string =>
  fromBar === toBar ? `bar ${fromBar}` : `bars ${fromBar}–${toBar}`;

function figuresOf({ first, last, strong, targets, resolved, outside }: ToldPhrase): string {
  const count = last - first + 1;
  return [
    `${count} ${count === 1 ? 'note' : 'notes'}`,
    strong.of > 0 ? `${strong.tones} of ${strong.of} on strong beats are chord tones` : '',
    targets > 0 ? `${targets} chord ${targets === 1 ? 'tone' : 'tones'} led to` : '',
    resolved > 0 ? `${resolved} × 7 to 3` : '',
    outside > 0 ? `${outside} outside` : '',
  ]
    .filter(Boolean)
    .join(', ');
}

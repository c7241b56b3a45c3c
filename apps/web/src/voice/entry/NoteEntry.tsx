import {
  prettyDegree,
  readPlayed,
  easeReason,
  type PlayedNote,
  type PlayedVoicing,
} from '@drop-close/core';
import { Button } from 'antd';
import { useMemo, useState } from 'react';
import { useBand } from '../../playback/useBand';
import { useInstrument } from '../../profile/useInstrument';
import { useSelection } from '../../place/selection';
import { useNotation } from '../../profile/useNotation';
import { plainSymbol } from '../../ui/symbol';
import { voicingName } from '../desk/describe';
import { useVoiceActions } from '../desk/useVoiceActions';
import { Board } from './Board';
import { MidiChooser } from './MidiChooser';
import { toggled } from './toggled';
import './entry.css';

/** A voicing found by ear and hand: clicked or played in, told what it is, and locked. */
export function NoteEntry() {
  const { event, index } = useSelection();
  const chord = event?.chord;
  if (chord?.kind !== 'chord') return <p className="quiet">There is no chord here to voice.</p>;
  return <Entry key={`${index} ${chord.symbol}`} />;
}

function Entry() {
  const { event } = useSelection();
  const { hearNotes } = useBand();
  const [played, setPlayed] = useState<readonly PlayedNote[]>([]);
  const instrument = useInstrument();
  const chord = event?.chord;
  const result = useMemo(
    () =>
      played.length && chord?.kind === 'chord' ? readPlayed(chord, played, instrument) : undefined,
    [played, chord, instrument],
  );
  return (
    <section className="entry" aria-label="Enter a voicing">
      <Board
        instrument={instrument}
        played={played}
        reading={result?.ok ? result.value : undefined}
        onToggle={(note) => {
          setPlayed(toggled(played, note));
        }}
      />
      <div className="entry-foot">
        <p role="status" className="entry-words">
          {!result &&
            `Click the notes, or play them in: what is it as ${plainSymbol(chord?.symbol ?? '')}?`}
          {result && !result.ok && <span className="fault">{result.problem}</span>}
          {result?.ok && <Reading reading={result.value} />}
          {result?.ok && (
            <span className="quiet"> {easeReason(result.value.voicing, instrument)}</span>
          )}
        </p>
        <Take result={result?.ok ? result.value : undefined} />
        <Button
          disabled={!result?.ok}
          onClick={() => {
            if (result?.ok) hearNotes(result.value.voicing.notes.map(({ midi }) => midi));
          }}
        >
          Hear it
        </Button>
        <Button
          disabled={!played.length}
          onClick={() => {
            setPlayed([]);
          }}
        >
          Clear
        </Button>
        <MidiChooser
          onHandful={(pitches) => {
            setPlayed(pitches.map((pitch) => ({ pitch })));
          }}
        />
      </div>
    </section>
  );
}

function Reading({ reading }: { reading: PlayedVoicing }) {
  const { note } = useNotation();
  const { voicing, missing, outside } = reading;
  const degrees = voicing.notes.map(({ degree }) => prettyDegree(degree)).join(' ');
  return (
    <>
      <b>{voicingName(voicing)}</b>: {degrees}.
      {missing.length > 0 && ` Missing: ${missing.map(prettyDegree).join(' and ')}.`}
      {outside.length > 0 &&
        ` Outside the chord: ${outside.map((each) => note(each.note)).join(' and ')}.`}
    </>
  );
}

function Take({ result }: { result: PlayedVoicing | undefined }) {
  const { take } = useVoiceActions();
  return (
    <Button
      type="primary"
      disabled={!result}
      onClick={() => {
        if (result) take(result.voicing);
      }}
    >
      Use it and lock it
    </Button>
  );
}

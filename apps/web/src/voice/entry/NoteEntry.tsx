import {
  instrumentOf,
  prettyDegree,
  readPlayed,
  easeReason,
  type PlayedNote,
  type PlayedVoicing,
} from '@drop-close/core';
import { Button } from 'antd';
import { useMemo, useState } from 'react';
import { useTune } from '../../document/store';
import { useBand } from '../../playback/useBand';
import { useProfile } from '../../profile/profileStore';
import { useSelection } from '../../place/selection';
import { useNotation } from '../../profile/useNotation';
import { plainSymbol } from '../../ui/symbol';
import { voicingName } from '../desk/describe';
import { useVoiceActions } from '../desk/useVoiceActions';
import { Fretboard } from './Fretboard';
import { MidiChooser } from './MidiChooser';
import { PianoKeys } from './PianoKeys';
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
  const { setup } = useTune();
  const profile = useProfile();
  const { hearNotes } = useBand();
  const [played, setPlayed] = useState<readonly PlayedNote[]>([]);
  const instrument = instrumentOf(setup, profile);
  const chord = event?.chord;
  const result = useMemo(
    () =>
      played.length && chord?.kind === 'chord' ? readPlayed(chord, played, instrument) : undefined,
    [played, chord, instrument],
  );
  const put = (note: PlayedNote): void => {
    setPlayed(toggled(played, note));
  };
  return (
    <section className="entry" aria-label="Put a voicing together">
      {instrument.kind === 'guitar' ? (
        <Fretboard
          guitar={instrument}
          leftHanded={profile.leftHanded}
          played={onStrings(played, result)}
          onToggle={(string, fret) => {
            put({ string, fret });
          }}
        />
      ) : (
        <PianoKeys
          keyboard={instrument}
          played={played}
          onToggle={(pitch) => {
            put({ pitch });
          }}
        />
      )}
      <div className="entry-foot">
        <p role="status" className="entry-words">
          {!result &&
            `${instrument.kind === 'guitar' ? 'Click strings' : 'Click keys'}, or play them in: what is it as ${plainSymbol(chord?.symbol ?? '')}?`}
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

/** Notes from a keyboard are shown where they were laid on the strings. */
function onStrings(
  played: readonly PlayedNote[],
  result: ReturnType<typeof readPlayed> | undefined,
): readonly PlayedNote[] {
  if (!result?.ok) return played;
  return result.value.voicing.notes.map(({ string = 0, fret = 0 }) => ({ string, fret }));
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

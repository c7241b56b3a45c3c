import type { SoloLine } from '@drop-close/core';
import { Button, Segmented } from 'antd';
import { useEffect, useRef, useState } from 'react';
import type { ComposedChoruses } from '../../engine/protocol';
import { midiInputs, NoMidi } from '../../midi/inputs';
import { elapsedNow, stop, strike } from '../../playback/player';
import { usePlayer } from '../../playback/usePlayer';
import { useBand } from '../../playback/useBand';
import { NOTHING_PLAYED, lifted, pitchOfKey, recordMessage, type Recording } from './recording';
import { Term } from '../../ui/terms/Term';

interface PlayInProps {
  readonly composed: ComposedChoruses;
  readonly onKeep: (name: string, line: SoloLine) => void;
}

const VELOCITY = 84;

/** What is played in is heard with the band. */
function hearBack([status = 0, pitch = 0, velocity = 0]: readonly number[]): void {
  const kind = status & 0xf0;
  if (kind === 0x90) strike(pitch, velocity);
  else if (kind === 0x80) strike(pitch, 0);
}

/** A line played in over the band, on a MIDI keyboard or the computer's keys. */
export function PlayIn({ onKeep }: PlayInProps) {
  const [recording, setRecording] = useState(false);
  const [octave, setOctave] = useState(0);
  const [problem, setProblem] = useState<string | undefined>();
  const played = useRef<Recording>(NOTHING_PLAYED);
  const lastHeard = useRef(0);
  const [count, setCount] = useState(0);
  const band = useBand();
  const playing = usePlayer((state) => state.playing);

  const hear = (data: readonly number[]): void => {
    const at = elapsedNow();
    if (at === undefined) return;
    lastHeard.current = at;
    hearBack(data);
    played.current = recordMessage(played.current, data, at);
    setCount(played.current.notes.length);
  };
  useListening(recording, octave, hear, setProblem);

  const begin = (): void => {
    played.current = NOTHING_PLAYED;
    setCount(0);
    setProblem(undefined);
    setRecording(true);
    stop();
    band.toggleChorus();
  };
  const end = (): void => {
    // Where the music has ended by itself, what is still down ends a beat after it was struck.
    const at = elapsedNow() ?? lastHeard.current + 1;
    setRecording(false);
    stop();
    const { notes } = lifted(played.current, at);
    if (notes.length) onKeep('Played in', { written: false, notes });
    else setProblem('Nothing was played.');
  };
  return (
    <section aria-label="Record a solo">
      <h3>
        Record a <Term of="solo line">solo</Term>
      </h3>
      <p className="quiet">
        On a MIDI keyboard, or on the computer’s keys A to P: A is C, W is C♯. The band plays, the
        line is kept as you play it.
      </p>
      <div className="hit-tools">
        <Button
          size="small"
          type={recording ? 'primary' : 'default'}
          onClick={recording ? end : begin}
        >
          {recording ? 'Done' : 'Play in…'}
        </Button>
        <Segmented<number>
          size="small"
          aria-label="Octave of the computer’s keys"
          value={octave}
          options={[
            { value: -1, label: 'low' },
            { value: 0, label: 'middle' },
            { value: 1, label: 'high' },
          ]}
          onChange={setOctave}
        />
        {recording && (
          <span role="status" className="quiet">
            {playing ? `${count} notes` : 'the music has stopped'}
          </span>
        )}
      </div>
      {problem && <p className="fault">{problem}</p>}
    </section>
  );
}

/** Listens to keyboards while it is asked to. */
function useListening(
  on: boolean,
  octave: number,
  hear: (data: readonly number[]) => void,
  onProblem: (problem: string) => void,
): void {
  const latest = useRef(hear);
  useEffect(() => {
    latest.current = hear;
  });
  useEffect(() => {
    if (!on) return undefined;
    const down = new Set<number>();
    const key = (event: KeyboardEvent): void => {
      const pitch = pitchOfKey(event.key, octave);
      if (pitch === undefined || event.ctrlKey || event.metaKey || event.altKey) return;
      // While a line is played in, these keys are a piano and nothing else.
      event.preventDefault();
      event.stopImmediatePropagation();
      if (event.repeat) return;
      const begins = event.type === 'keydown';
      if (begins === down.has(pitch)) return;
      if (begins) down.add(pitch);
      else down.delete(pitch);
      latest.current([begins ? 0x90 : 0x80, pitch, begins ? VELOCITY : 0]);
    };
    globalThis.addEventListener('keydown', key, true);
    globalThis.addEventListener('keyup', key, true);
    const stops: (() => void)[] = [];
    let over = false;
    midiInputs().then(
      (inputs) => {
        if (over) return;
        for (const input of inputs) {
          stops.push(
            input.listen((data) => {
              latest.current(data);
            }),
          );
        }
      },
      (error: unknown) => {
        // The computer's keys are there all the same.
        if (!(error instanceof NoMidi)) onProblem(String(error));
      },
    );
    return () => {
      over = true;
      globalThis.removeEventListener('keydown', key, true);
      globalThis.removeEventListener('keyup', key, true);
      stops.forEach((each) => {
        each();
      });
    };
  }, [on, octave, onProblem]);
}

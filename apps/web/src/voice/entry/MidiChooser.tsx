import { Button, Select } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { NO_NOTES, hearMessage } from '../../midi/heldNotes';
import { NoMidi, midiInputs, standIn, type NoteInput } from '../../midi/inputs';

/** What the stand-in plays: R ♭7 3 of A7, the shell most hands know. */
const STAND_IN_PLAYS = [45, 55, 61];

/** Which keyboard is listened to, and what it plays. */
export function MidiChooser({ onHandful }: { onHandful: (pitches: readonly number[]) => void }) {
  const [inputs, setInputs] = useState<readonly NoteInput[]>();
  const [input, setInput] = useState<NoteInput>();
  const [problem, setProblem] = useState<string>();
  const latest = useRef(onHandful);
  useEffect(() => {
    latest.current = onHandful;
  });
  // The hand goes on playing while the page draws: only another keyboard begins anew.
  useEffect(() => {
    if (!input) return undefined;
    let held = NO_NOTES;
    return input.listen((data) => {
      const next = hearMessage(held, data);
      const changed = next.handful !== held.handful;
      held = next;
      if (changed) latest.current(held.handful);
    });
  }, [input]);
  const connect = (): void => {
    midiInputs().then(
      (found) => {
        setInputs(found);
        setInput(found[0]);
        setProblem(found.length ? undefined : 'No MIDI keyboard is plugged in.');
      },
      (error: unknown) => {
        setProblem(error instanceof NoMidi ? error.message : String(error));
      },
    );
  };
  return (
    <span className="midi-chooser">
      {inputs && inputs.length > 0 ? (
        <Select
          aria-label="MIDI keyboard"
          value={input?.id ?? null}
          options={inputs.map(({ id, name }) => ({ value: id, label: name }))}
          onChange={(id) => {
            setInput(inputs.find((each) => each.id === id));
          }}
        />
      ) : (
        <Button onClick={connect}>MIDI keyboard…</Button>
      )}
      <Button
        type="text"
        onClick={() => {
          setInput(standIn(STAND_IN_PLAYS));
        }}
      >
        Stand-in plays
      </Button>
      {problem && (
        <span className="fault" role="alert">
          {problem}
        </span>
      )}
    </span>
  );
}

import { readPlayed, type Answer, type PlayedNote, type Question } from '@drop-close/core';
import { Button, Input } from 'antd';
import { useState, type SyntheticEvent } from 'react';
import { useInstrument } from '../../profile/useInstrument';
import { Board } from '../../voice/entry/Board';
import { MidiChooser } from '../../voice/entry/MidiChooser';
import { toggled } from '../../voice/entry/toggled';
import { readNoteNames } from './noteNames';

interface NotesAnswerProps {
  readonly isOver: boolean;
  readonly question: Extract<Question, { drill: 'spell the chord' | 'find the guide tones' }>;
  readonly onAnswer: (answer: Answer) => void;
}

/** Notes: typed, clicked on the instrument, or played in. */
export function NotesAnswer({ isOver, question, onAnswer }: NotesAnswerProps) {
  const [text, setText] = useState('');
  const [played, setPlayed] = useState<readonly PlayedNote[]>([]);
  const instrument = useInstrument();
  const read = played.length ? readPlayed(question.chord, played, instrument) : undefined;
  const typed = readNoteNames(text);
  const found = read?.ok ? read.value.voicing.notes.map(({ note }) => note) : typed.notes;
  const submit = (event: SyntheticEvent): void => {
    event.preventDefault();
    if (!isOver && found.length && !typed.problem) onAnswer({ notes: found });
  };
  return (
    <form className="drill-answer" onSubmit={submit}>
      <Input
        size="large"
        className="drill-notes"
        aria-label="The notes, as C Eb G"
        placeholder="Type the notes, as C Eb G; or click or play them"
        autoFocus
        disabled={isOver}
        value={played.length ? found.join(' ') : text}
        maxLength={60}
        onChange={({ target }) => {
          setPlayed([]);
          setText(target.value);
        }}
      />
      <Board
        instrument={instrument}
        played={played}
        reading={read?.ok ? read.value : undefined}
        onToggle={(note) => {
          if (!isOver) setPlayed(toggled(played, note));
        }}
      />
      <p className="drill-row">
        {!isOver && (
          <Button type="primary" size="large" htmlType="submit" disabled={!found.length}>
            That is my answer
          </Button>
        )}
        <MidiChooser
          onHandful={(pitches) => {
            if (!isOver) setPlayed(pitches.map((pitch) => ({ pitch })));
          }}
        />
        {(typed.problem ?? (read && !read.ok)) && (
          <span className="fault">{typed.problem ?? (read && !read.ok && read.problem)}</span>
        )}
      </p>
    </form>
  );
}

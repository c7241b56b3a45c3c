import type { Answer, PlayedNote, Question } from '@drop-close/core';
import { Button, Input } from 'antd';
import { useState, type SyntheticEvent } from 'react';
import { useNotation } from '../../profile/useNotation';
import { readNoteNames } from './noteNames';
import { PlayedBoard, usePlayedAnswer } from './PlayedBoard';

const EXAMPLE = ['C', 'Eb', 'G'];

interface NotesAnswerProps {
  readonly isOver: boolean;
  readonly question: Extract<Question, { drill: 'spell the chord' | 'find the guide tones' }>;
  readonly onAnswer: (answer: Answer) => void;
}

/** Notes: typed, clicked on the instrument, or played in. */
export function NotesAnswer({ isOver, question, onAnswer }: NotesAnswerProps) {
  const [text, setText] = useState('');
  const [played, setPlayed] = useState<readonly PlayedNote[]>([]);
  const inHand = usePlayedAnswer(question.chord, played);
  const { note: nameOf } = useNotation();
  const example = EXAMPLE.map(nameOf).join(' ');
  const typed = readNoteNames(text);
  const found = played.length
    ? (inHand.reading?.voicing.notes.map(({ note }) => note) ?? [])
    : typed.notes;
  const submit = (event: SyntheticEvent): void => {
    event.preventDefault();
    if (!isOver && found.length) onAnswer({ notes: found });
  };
  return (
    <form className="drill-answer" onSubmit={submit}>
      <Input
        size="large"
        className="drill-notes"
        aria-label={`The notes, as ${example}`}
        placeholder={`Type the notes, as ${example}; or click or play them`}
        autoFocus
        disabled={isOver}
        value={played.length ? found.map(nameOf).join(' ') : text}
        maxLength={60}
        onChange={({ target }) => {
          setPlayed([]);
          setText(target.value);
        }}
      />
      {typed.problem !== undefined && !played.length && (
        <span className="fault">{typed.problem}</span>
      )}
      <PlayedBoard played={played} answer={inHand} isOver={isOver} onPlay={setPlayed}>
        {!isOver && (
          <Button type="primary" size="large" htmlType="submit" disabled={!found.length}>
            That is my answer
          </Button>
        )}
      </PlayedBoard>
    </form>
  );
}

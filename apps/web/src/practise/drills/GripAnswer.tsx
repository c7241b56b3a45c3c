import type { Answer, PlayedNote, Question, Voicing } from '@drop-close/core';
import { Button } from 'antd';
import { useState } from 'react';
import { same } from '../../document/convert';
import { useBand } from '../../playback/useBand';
import { useNotation } from '../../profile/useNotation';
import { Grip } from '../../voice/desk/Grip';
import { PlayedBoard, usePlayedAnswer } from './PlayedBoard';

interface GripAnswerProps {
  readonly isOver: boolean;
  readonly question: Extract<Question, { drill: 'nearest next grip' }>;
  readonly options: readonly Voicing[];
  readonly onAnswer: (answer: Answer) => void;
}

/** A grip: one of some, or put together on the instrument, or played in. */
export function GripAnswer({ isOver, question, options, onAnswer }: GripAnswerProps) {
  const [own, setOwn] = useState(false);
  const band = useBand();
  const { note: nameOf } = useNotation();
  return (
    <div className="drill-answer">
      <div className="drill-from">
        <span className="quiet">From</span>
        <Grip voicing={question.from} size="large" />
      </div>
      <div className="drill-grips" role="group" aria-label="Grips to choose from">
        {options.map((grip, at) => (
          <button
            key={at}
            type="button"
            disabled={isOver}
            className={
              isOver && same(grip, question.answer) ? 'drill-grip drill-right' : 'drill-grip'
            }
            aria-label={`Grip ${at + 1}: ${grip.notes.map(({ note }) => nameOf(note)).join(' ')}`}
            onClick={() => {
              band.hear(grip);
              onAnswer({ grip });
            }}
          >
            <Grip voicing={grip} size="small" />
          </button>
        ))}
      </div>
      {!own && !isOver && (
        <Button
          type="text"
          onClick={() => {
            setOwn(true);
          }}
        >
          Put it together yourself
        </Button>
      )}
      {own && <OwnGrip isOver={isOver} question={question} onAnswer={onAnswer} />}
    </div>
  );
}

/** Note by note. */
function OwnGrip({ isOver, question, onAnswer }: Omit<GripAnswerProps, 'options'>) {
  const [played, setPlayed] = useState<readonly PlayedNote[]>([]);
  const inHand = usePlayedAnswer(question.chord, played);
  return (
    <PlayedBoard played={played} answer={inHand} isOver={isOver} onPlay={setPlayed}>
      {!isOver && (
        <Button
          type="primary"
          size="large"
          disabled={!inHand.reading}
          onClick={() => {
            if (inHand.reading) onAnswer({ grip: inHand.reading.voicing });
          }}
        >
          That is my answer
        </Button>
      )}
    </PlayedBoard>
  );
}

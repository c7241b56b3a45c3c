import type { Answer, Question } from '@drop-close/core';
import { Button } from 'antd';
import { useState } from 'react';

interface VoicesAnswerProps {
  readonly isOver: boolean;
  readonly question: Extract<Question, { voices: number }>;
  readonly onAnswer: (answer: Answer) => void;
}

const NAMES = ['Top voice', 'Second', 'Third', 'Fourth', 'Fifth', 'Sixth'];

/** Which voices, from the top. */
export function VoicesAnswer({ isOver, question, onAnswer }: VoicesAnswerProps) {
  const [chosen, setChosen] = useState<readonly number[]>([]);
  const several = question.drill === 'which voice was dropped';
  const press = (voice: number): void => {
    if (!several) {
      onAnswer({ voices: [voice] });
      return;
    }
    setChosen(
      chosen.includes(voice) ? chosen.filter((each) => each !== voice) : [...chosen, voice],
    );
  };
  return (
    <div className="drill-answer">
      <div className="drill-choices" role="group" aria-label="Voices from the top">
        {Array.from({ length: question.voices }, (_, at) => at + 1).map((voice) => (
          <Button
            key={voice}
            size="large"
            disabled={isOver}
            type={chosen.includes(voice) ? 'primary' : 'default'}
            aria-pressed={several ? chosen.includes(voice) : undefined}
            className={isOver && question.answer.includes(voice) ? 'drill-right' : ''}
            onClick={() => {
              press(voice);
            }}
          >
            {NAMES[voice - 1]}
          </Button>
        ))}
      </div>
      {several && !isOver && (
        <Button
          type="primary"
          size="large"
          disabled={!chosen.length}
          onClick={() => {
            onAnswer({ voices: chosen });
          }}
        >
          That is my answer
        </Button>
      )}
    </div>
  );
}

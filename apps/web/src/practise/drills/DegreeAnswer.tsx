import { prettyDegree, type Answer, type Degree } from '@drop-close/core';
import { Button } from 'antd';

interface DegreeAnswerProps {
  readonly isOver: boolean;
  readonly right: Degree;
  readonly onAnswer: (answer: Answer) => void;
}

/** Degrees of one pitch are one answer and share a button. */
const DEGREES: readonly (readonly [Degree, string])[] = [
  ['R', 'R'],
  ['b9', '♭9'],
  ['9', '9'],
  ['b3', '♭3 or ♯9'],
  ['3', '3'],
  ['11', '11 or 4'],
  ['b5', '♭5 or ♯11'],
  ['5', '5'],
  ['#5', '♯5 or ♭13'],
  ['6', '6 or 13'],
  ['b7', '♭7'],
  ['7', '7'],
];

/** One of the twelve degrees. */
export function DegreeAnswer({ isOver, right, onAnswer }: DegreeAnswerProps) {
  return (
    <div className="drill-choices" role="group" aria-label="Degrees">
      {DEGREES.map(([degree, label]) => (
        <Button
          key={degree}
          size="large"
          disabled={isOver}
          className={isOver && label.includes(prettyDegree(right)) ? 'drill-right' : ''}
          onClick={() => {
            onAnswer({ degree });
          }}
        >
          {label}
        </Button>
      ))}
    </div>
  );
}

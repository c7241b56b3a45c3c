import type { ChartProblem } from '@drop-close/core';
import { Button } from 'antd';
import type { RefObject } from 'react';
import { useDocument } from '../document/store';
import { mended, offsetOf } from './mend';

interface ChartProblemsProps {
  readonly problems: readonly ChartProblem[];
  readonly text: string;
  readonly field: RefObject<HTMLElement | null>;
}

/** What cannot be read: where it stands, what was expected, and one press to mend it. */
export function ChartProblems({ problems, text, field }: ChartProblemsProps) {
  const show = ({ line, column, length }: ChartProblem): void => {
    const area = field.current as HTMLTextAreaElement | null;
    const at = offsetOf(text, line, column);
    area?.focus();
    area?.setSelectionRange(at, at + length);
  };
  return (
    <ul className="chart-problems" aria-label="To mend" aria-live="polite">
      {problems.map((problem) => {
        const better = mended(text, problem);
        return (
          <li key={`${problem.line}:${problem.column}:${problem.message}`}>
            <button
              type="button"
              className="chart-place"
              onClick={() => {
                show(problem);
              }}
            >
              line {problem.line}, column {problem.column}
            </button>{' '}
            {problem.message}
            {better !== undefined && (
              <Button
                size="small"
                onClick={() => {
                  useDocument.getState().dispatch({ type: 'write changes', text: better });
                }}
              >
                Read it as {problem.suggestion}
              </Button>
            )}
          </li>
        );
      })}
    </ul>
  );
}

import type { ChartProblem } from '@drop-close/core';
import { Button } from 'antd';
import { useDocument } from '../document/store';
import { mended } from './desk/mend';

interface ChartProblemsProps {
  readonly problems: readonly ChartProblem[];
  readonly text: string;
  readonly onShow: (problem: ChartProblem) => void;
}

/** What cannot be read: where it stands, what was expected, and one press to mend it. */
export function ChartProblems({ problems, text, onShow }: ChartProblemsProps) {
  return (
    <ul className="chart-problems" aria-label="To correct" aria-live="polite">
      {problems.map((problem) => {
        const better = mended(text, problem);
        return (
          <li key={`${problem.line}:${problem.column}:${problem.message}`}>
            <button
              type="button"
              className="chart-place"
              onClick={() => {
                onShow(problem);
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

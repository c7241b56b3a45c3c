import type { IncomingProblem, LineKind, UnderstoodLine } from '@drop-close/core';

const KINDS: Readonly<Record<LineKind, string>> = {
  'new tune': 'A new tune',
  title: 'Title',
  head: 'Key, tempo, feel',
  section: 'Section',
  changes: 'Bars',
  words: 'Words over the next bar',
  'left out': 'Left out',
};

interface LinesReadProps {
  readonly lines: readonly UnderstoodLine[];
  readonly problems: readonly IncomingProblem[];
}

/** What was given, line by line, and what it was taken for. */
export function LinesRead({ lines, problems }: LinesReadProps) {
  return (
    <table className="lines-read">
      <caption className="unseen">What was understood, line by line</caption>
      <thead>
        <tr>
          <th scope="col">Line</th>
          <th scope="col">As it came</th>
          <th scope="col">Read as</th>
        </tr>
      </thead>
      <tbody>
        {lines.map(({ line, text, kind, as }) => (
          <tr key={line} className={kind === 'left out' ? 'is-left-out' : undefined}>
            <td className="lines-read-number">{line}</td>
            <td className="lines-read-text">{text}</td>
            <td>
              <span className="lines-read-kind">{KINDS[kind]}</span> {as}
              {problems
                .filter((problem) => problem.line === line)
                .map(({ message }) => (
                  <p key={message} className="lines-read-problem">
                    {message}
                  </p>
                ))}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

import type { LineKind, UnderstoodLine } from '@drop-close/core';

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
  /** What is wrong, by the number of the line. */
  readonly problems: ReadonlyMap<number, string>;
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
              {problems.has(line) && <p className="lines-read-problem">{problems.get(line)}</p>}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

import type { Told } from './fileRead';

/** What was taken from a file and what was not, or why nothing could be. */
export function FileNote({ told: { name, problem, skipped, line } }: { told: Told }) {
  if (problem) {
    return (
      <p className="fault" role="alert">
        {name}: {problem}
      </p>
    );
  }
  return (
    <div className="quiet" role="status">
      <p>
        “{name}” came in with {line?.notes.length ?? 0} notes
        {skipped.length ? '. Passed over:' : ', whole.'}
      </p>
      {skipped.length > 0 && (
        <ul>
          {skipped.map((sentence) => (
            <li key={sentence}>{sentence}</li>
          ))}
        </ul>
      )}
    </div>
  );
}

import type { Told } from './fileRead';

interface FileNoteProps {
  readonly told: Told;
  /** Of the tune, as `4/4`. */
  readonly meter: string;
}

/** What was taken from a file and what was not, or why nothing could be. */
export function FileNote({ told, meter }: FileNoteProps) {
  const { name, problem, skipped, line } = told;
  if (problem) {
    return (
      <p className="fault" role="alert">
        {name}: {problem}
      </p>
    );
  }
  return (
    <div className="quiet file-note" role="status">
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
      {told.meter && told.meter !== meter && (
        <p className="fault">
          The file is in {told.meter} and the tune in {meter}: its notes are counted in beats from
          bar 1, so bar lines will not agree.
        </p>
      )}
    </div>
  );
}

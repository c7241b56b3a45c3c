import {
  barsInWords,
  isSameLandmark,
  shortLabel,
  toggleLandmark,
  useLandmark,
} from '../desk/landmarks';
import { BARS_A_LINE, type SheetLine } from './layout';

const LANE = 22;
/** In bars; a label does not fit in less. */
const NARROW = 1.1;
const percent = (columns: number): string => `${(columns / BARS_A_LINE) * 100}%`;

/** Landmarks over a line of bars, each from its first chord to its last. */
export function Brackets({ line }: { line: SheetLine }) {
  const { landmark: held } = useLandmark();
  if (!line.brackets.length) return null;
  return (
    <div className="brackets" style={{ height: line.lanes * LANE }}>
      {line.brackets.map(({ landmark, from, to, lane, begins, ends }) => (
        <button
          key={`${landmark.kind} ${landmark.first} ${landmark.last}`}
          type="button"
          className={['bracket', begins && 'begins', ends && 'ends'].filter(Boolean).join(' ')}
          aria-pressed={isSameLandmark(held, landmark)}
          aria-label={`${landmark.label}, ${barsInWords(landmark)}`}
          title={`${landmark.label}, ${barsInWords(landmark)}`}
          style={{ left: percent(from), width: percent(to - from), bottom: lane * LANE }}
          onClick={() => {
            toggleLandmark(landmark);
          }}
        >
          {(begins || to - from >= 1) && (
            <span className="bracket-label">
              {to - from < NARROW ? shortLabel(landmark) : landmark.label}
            </span>
          )}
        </button>
      ))}
    </div>
  );
}

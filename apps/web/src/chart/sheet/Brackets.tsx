import {
  barsInWords,
  isSameLandmark,
  shortLabel,
  toggleLandmark,
  useLandmark,
} from '../desk/landmarks';
import type { SheetLine } from './layout';
import { useNotation } from '../../profile/useNotation';

const LANE = 25;
/** In bars; a label does not fit in less. */
const NARROW = 1.1;

/** Landmarks over a line of bars, each from its first chord to its last. */
export function Brackets({ line, perLine }: { line: SheetLine; perLine: number }) {
  const { landmark: held } = useLandmark();
  const { sentence } = useNotation();
  if (!line.lanes) return null;
  // As they are read, and so come to by Tab: from the top, from the left.
  const inOrder = line.brackets.toSorted((a, b) => b.lane - a.lane || a.from - b.from);
  const percent = (columns: number): string => `${(columns / perLine) * 100}%`;
  return (
    <div className="brackets" style={{ height: line.lanes * LANE }}>
      {inOrder.map(({ landmark, from, to, lane, begins, ends }) => (
        <button
          key={`${landmark.kind} ${landmark.first} ${landmark.last}`}
          type="button"
          className={['bracket', begins && 'begins', ends && 'ends'].filter(Boolean).join(' ')}
          aria-pressed={isSameLandmark(held, landmark)}
          aria-label={`${sentence(landmark.label)}, ${barsInWords(landmark)}`}
          title={`${sentence(landmark.label)}, ${barsInWords(landmark)}`}
          style={{ left: percent(from), width: percent(to - from), bottom: lane * LANE }}
          onClick={() => {
            toggleLandmark(landmark);
          }}
        >
          {(begins || to - from >= 1) && (
            <span className="bracket-label">
              {sentence(to - from < NARROW ? shortLabel(landmark) : landmark.label)}
            </span>
          )}
        </button>
      ))}
    </div>
  );
}

import type { GripProps } from './gripProps';
import { isWhite, whitesBelow } from './pianoLayout';
import './grips.css';

/** Small strips show at least two octaves, so that neighbours look alike. */
const FEWEST_KEYS = 24;

/** A strip begins at the C or the F at or below its lowest note, where a hand finds its bearings. */
function stripStart(lowest: number): number {
  const inOctave = lowest % 12;
  return lowest - inOctave + (inOctave >= F ? F : 0);
}
const F = 5;

/** The keys of a voicing, left-hand keys marked by a ring and right-hand keys full. */
export function KeyStrip({ voicing, size }: GripProps) {
  const pitches = voicing.notes.map((note) => note.midi as number);
  const low = stripStart(Math.min(...pitches));
  const high = low + Math.max(FEWEST_KEYS, Math.ceil((Math.max(...pitches) + 1 - low) / 12) * 12);
  const keys = Array.from({ length: high - low }, (_, index) => low + index);
  const whites = keys.filter(isWhite).length;
  const key = size === 'small' ? Math.min(6, 88 / whites) : Math.min(18, 268 / whites);
  const height = size === 'small' ? 30 : 92;
  const width = whites * key + 1;
  const left = (midi: number): number => (whitesBelow(midi) - whitesBelow(low)) * key;
  const played = new Map(voicing.notes.map((note) => [note.midi as number, note]));
  const black = key * 0.62;
  return (
    <svg
      className={`keys keys-${size}`}
      width={width}
      height={height + 1}
      viewBox={`0 0 ${width} ${height + 1}`}
      aria-hidden
    >
      {keys.filter(isWhite).map((midi) => (
        <rect
          key={midi}
          className="white-key"
          x={left(midi) + 0.5}
          y={0.5}
          width={key}
          height={height}
        />
      ))}
      {keys
        .filter((midi) => !isWhite(midi))
        .map((midi) => (
          <rect
            key={midi}
            className="black-key"
            x={left(midi) - black / 2 + 0.5}
            y={0.5}
            width={black}
            height={height * 0.6}
          />
        ))}
      {[...played].map(([midi, note]) => (
        <circle
          key={midi}
          className={note.hand === 'left' ? 'played played-left' : 'played'}
          cx={isWhite(midi) ? left(midi) + key / 2 + 0.5 : left(midi) + 0.5}
          cy={isWhite(midi) ? height * 0.82 : height * 0.42}
          r={Math.min(5.5, key * 0.38)}
        />
      ))}
    </svg>
  );
}

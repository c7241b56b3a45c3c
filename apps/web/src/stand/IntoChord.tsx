import type { Change, Voicing } from '@drop-close/core';
import { StrandLine } from '../voice/threads/StrandLine';
import '../voice/threads/threads.css';

const WIDTH = 96;
const HEIGHT = 52;
const EDGE = 4;

interface IntoChordProps {
  readonly from: Voicing;
  readonly to: Voicing;
  readonly change: Change;
}

/** Which voices move into a chord and which stay: the last stretch of its threads. */
export function IntoChord({ from, to, change }: IntoChordProps) {
  const pitches = [...from.notes, ...to.notes].map(({ midi }) => midi as number);
  const [low, high] = [Math.min(...pitches), Math.max(...pitches)];
  const y = (midi: number): number =>
    EDGE + ((high - midi) / Math.max(1, high - low)) * (HEIGHT - 2 * EDGE);
  const lines = change.voices.flatMap(({ from: at, to: next, kind }, voice) => {
    const [a, b] = [from.notes[at ?? -1], to.notes[next ?? -1]];
    if (!a || !b) return [];
    const ends = { from: { x: 0, y: y(a.midi) }, to: { x: WIDTH - EDGE, y: y(b.midi) } };
    return [{ kind, voice, chord: 0, ...ends }];
  });
  return (
    <svg className="into-chord" viewBox={`0 0 ${WIDTH} ${HEIGHT}`} aria-hidden>
      {lines.map((strand) => (
        <StrandLine key={strand.voice} strand={strand} />
      ))}
      {to.notes.map(({ midi }) => (
        <circle key={midi} className="head" cx={WIDTH - EDGE} cy={y(midi)} r={3} />
      ))}
    </svg>
  );
}

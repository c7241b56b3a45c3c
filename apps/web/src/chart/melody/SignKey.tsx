import type { ToldNote } from '@drop-close/core';
import { MelodySign } from './MelodySign';

const SIGNS: readonly (readonly [Pick<ToldNote, 'part' | 'avoid' | 'foreshadows'>, string])[] = [
  [{ part: 'chord tone' }, 'chord tone'],
  [{ part: 'tension' }, 'tension'],
  [{ part: 'tension', avoid: true }, 'to pass, not to hold'],
  [{ part: 'outside' }, 'outside the scale'],
  [{ part: 'tension', foreshadows: '3' }, 'belongs to the next chord, early'],
];

/** What the signs of the line mean. */
export function SignKey() {
  return (
    <p className="sign-key quiet">
      {SIGNS.map(([note, words]) => (
        <span key={words}>
          <svg width={26} height={18} aria-hidden>
            <MelodySign note={note} x={10} y={9} />
          </svg>
          {words}
        </span>
      ))}
      <span>
        <svg width={30} height={18} aria-hidden>
          <path className="melody-approach" d="M3 6 Q14 20 26 8" />
        </svg>
        leads to
      </span>
      <span>
        <svg width={30} height={18} aria-hidden>
          <line className="melody-resolves" x1={3} y1={5} x2={26} y2={13} />
        </svg>
        7 falls to 3
      </span>
    </p>
  );
}

import { fretPosition, openPitches, type Fretted, type PlayedNote } from '@drop-close/core';
import { useRef, type KeyboardEvent } from 'react';
import { useNotation } from '../../profile/useNotation';

/** Frets that have a mark on the neck. Source: common practice. */
const MARKED = [3, 5, 7, 9, 12, 15, 17, 19, 21, 24];
/** Room before the nut for the open strings, as a share of the neck shown. */
const OPEN_SHARE = 0.06;

interface FretboardProps {
  readonly neck: Fretted;
  readonly leftHanded: boolean;
  readonly played: readonly PlayedNote[];
  readonly onToggle: (string: number, fret: number) => void;
}

/** The neck as it lies: every place a button, frets as wide as they are. */
export function Fretboard({ neck, leftHanded, played, onToggle }: FretboardProps) {
  const { pitch: nameOf } = useNotation();
  const board = useRef<HTMLDivElement>(null);
  const open = openPitches(neck);
  const frets = neck.frets - neck.capo;
  const strings = open.map((pitch, index) => ({ pitch, string: open.length - index })).reverse();
  const sounds = (string: number, fret: number): boolean =>
    played.some((note) => 'string' in note && note.string === string && note.fret === fret);
  const onKeyDown = (event: KeyboardEvent): void => {
    const place = (event.target as HTMLElement).dataset['place'];
    const next = place && neighbour(place, event.key, leftHanded);
    const button = next && board.current?.querySelector<HTMLElement>(`[data-place="${next}"]`);
    if (!button) return;
    event.preventDefault();
    event.stopPropagation();
    button.focus();
  };
  return (
    <div
      ref={board}
      className="fretboard"
      role="group"
      aria-label="Fretboard, string 1 on top"
      dir={leftHanded ? 'rtl' : 'ltr'}
      style={{ gridTemplateColumns: columnsOf(neck, frets) }}
      onKeyDown={onKeyDown}
    >
      {strings.map(({ pitch, string }) =>
        Array.from({ length: frets + 1 }, (_, fret) => (
          <button
            key={`${string} ${fret}`}
            type="button"
            data-place={`${string} ${fret}`}
            tabIndex={string === 1 && fret === 0 ? 0 : -1}
            className={fret === 0 ? 'place place-open' : 'place'}
            aria-pressed={sounds(string, fret)}
            aria-label={`String ${string}, ${fret === 0 ? 'open' : `fret ${fret}`}, ${nameOf(pitch + fret)}`}
            onClick={() => {
              onToggle(string, fret);
            }}
          >
            <span className="place-dot">{sounds(string, fret) ? nameOf(pitch + fret) : ''}</span>
          </button>
        )),
      )}
      {Array.from({ length: frets + 1 }, (_, fret) => (
        <span key={fret} className="fret-mark quiet" aria-hidden>
          {MARKED.includes(fret) ? fret : ''}
        </span>
      ))}
    </div>
  );
}

/** Widths as the frets lie, the open strings before the nut. */
function columnsOf({ scaleLengthMm, capo }: Fretted, frets: number): string {
  const at = (fret: number): number => fretPosition(scaleLengthMm, capo + fret);
  const length = at(frets) - at(0);
  const widths = Array.from({ length: frets }, (_, fret) => at(fret + 1) - at(fret));
  return [length * OPEN_SHARE, ...widths]
    .map((width) => `minmax(0, ${width.toFixed(1)}fr)`)
    .join(' ');
}

function neighbour(place: string, key: string, leftHanded: boolean): string | undefined {
  const [string = 0, fret = 0] = place.split(' ').map(Number);
  const up = leftHanded ? 'ArrowLeft' : 'ArrowRight';
  const down = leftHanded ? 'ArrowRight' : 'ArrowLeft';
  if (key === up) return `${string} ${fret + 1}`;
  if (key === down) return `${string} ${fret - 1}`;
  if (key === 'ArrowDown') return `${string + 1} ${fret}`;
  return key === 'ArrowUp' ? `${string - 1} ${fret}` : undefined;
}

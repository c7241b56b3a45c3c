import type { Keyboard, PlayedNote } from '@drop-close/core';
import { useRef, type KeyboardEvent } from 'react';
import { isWhite, whitesBelow } from '../desk/pianoLayout';
import { useNotation } from '../../profile/useNotation';

interface PianoKeysProps {
  readonly keyboard: Keyboard;
  readonly played: readonly PlayedNote[];
  readonly onToggle: (pitch: number) => void;
}

/** Black keys are so much narrower than white ones. */
const BLACK_SHARE = 0.62;

/** The whole keyboard, every key a button. */
export function PianoKeys({ keyboard, played, onToggle }: PianoKeysProps) {
  const { pitch: nameOf } = useNotation();
  const keys = useRef<HTMLDivElement>(null);
  const { lowest, highest } = keyboard;
  const all = Array.from({ length: highest - lowest + 1 }, (_, index) => lowest + index);
  const whites = all.filter(isWhite).length;
  const unit = 100 / whites;
  const left = (pitch: number): number =>
    (whitesBelow(pitch) - whitesBelow(lowest)) * unit -
    (isWhite(pitch) ? 0 : (unit * BLACK_SHARE) / 2);
  const sounds = (pitch: number): boolean =>
    played.some((note) => 'pitch' in note && note.pitch === pitch);
  const onKeyDown = (event: KeyboardEvent): void => {
    const pitch = Number((event.target as HTMLElement).dataset['pitch']);
    const step = { ArrowRight: 1, ArrowLeft: -1, ArrowUp: 12, ArrowDown: -12 }[event.key];
    const next = step && keys.current?.querySelector<HTMLElement>(`[data-pitch="${pitch + step}"]`);
    if (!next) return;
    event.preventDefault();
    event.stopPropagation();
    next.focus();
  };
  return (
    <div ref={keys} className="piano" role="group" aria-label="Keyboard" onKeyDown={onKeyDown}>
      {all.map((pitch) => (
        <button
          key={pitch}
          type="button"
          data-pitch={pitch}
          tabIndex={pitch === 60 ? 0 : -1}
          className={isWhite(pitch) ? 'piano-white' : 'piano-black'}
          style={{
            left: `${left(pitch)}%`,
            width: `${isWhite(pitch) ? unit : unit * BLACK_SHARE}%`,
          }}
          aria-pressed={sounds(pitch)}
          aria-label={nameOf(pitch)}
          onClick={() => {
            onToggle(pitch);
          }}
        >
          {pitch % 12 === 0 && <span aria-hidden>{nameOf(pitch)}</span>}
        </button>
      ))}
    </div>
  );
}

import {
  readPlayed,
  type PitchedChord,
  type PlayedNote,
  type PlayedVoicing,
} from '@drop-close/core';
import type { ReactNode } from 'react';
import { useInstrument } from '../../profile/useInstrument';
import { Board } from '../../voice/entry/Board';
import { MidiChooser } from '../../voice/entry/MidiChooser';
import { toggled } from '../../voice/entry/toggled';

/** Notes that were put down, and what they are as a chord. */
export interface PlayedAnswer {
  readonly reading: PlayedVoicing | undefined;
  /** Why they are none. */
  readonly problem: string | undefined;
}

const NOTHING: PlayedAnswer = { reading: undefined, problem: undefined };

/** What some notes are, read as a chord on the instrument of the tune. */
export function usePlayedAnswer(chord: PitchedChord, played: readonly PlayedNote[]): PlayedAnswer {
  const instrument = useInstrument();
  if (!played.length) return NOTHING;
  const read = readPlayed(chord, played, instrument);
  return read.ok
    ? { reading: read.value, problem: undefined }
    : { reading: undefined, problem: read.problem };
}

interface PlayedBoardProps {
  readonly played: readonly PlayedNote[];
  readonly answer: PlayedAnswer;
  readonly isOver: boolean;
  readonly onPlay: (played: readonly PlayedNote[]) => void;
  /** What stands before the choice of a keyboard. */
  readonly children: ReactNode;
}

/** The instrument to answer on: clicked, or played by MIDI. */
export function PlayedBoard({ played, answer, isOver, onPlay, children }: PlayedBoardProps) {
  const instrument = useInstrument();
  return (
    <>
      <Board
        instrument={instrument}
        played={played}
        reading={answer.reading}
        onToggle={(note) => {
          if (!isOver) onPlay(toggled(played, note));
        }}
      />
      <p className="drill-row">
        {children}
        <MidiChooser
          onHandful={(pitches) => {
            if (!isOver) onPlay(pitches.map((pitch) => ({ pitch })));
          }}
        />
        {answer.problem !== undefined && <span className="fault">{answer.problem}</span>}
      </p>
    </>
  );
}

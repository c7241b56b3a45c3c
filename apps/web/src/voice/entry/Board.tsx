import { isFretted, type Instrument, type PlayedNote, type PlayedVoicing } from '@drop-close/core';
import { useProfile } from '../../profile/profileStore';
import { Fretboard } from './Fretboard';
import { PianoKeys } from './PianoKeys';
import './entry.css';

interface BoardProps {
  readonly instrument: Instrument;
  readonly played: readonly PlayedNote[];
  /** What the notes are, where they can be read. */
  readonly reading: PlayedVoicing | undefined;
  readonly onToggle: (note: PlayedNote) => void;
}

/** The instrument to click notes on: its neck or its keys. */
export function Board({ instrument, played, reading, onToggle }: BoardProps) {
  const { leftHanded } = useProfile();
  return isFretted(instrument) ? (
    <Fretboard
      neck={instrument}
      leftHanded={leftHanded}
      played={reading ? placesOf(reading) : played}
      onToggle={(string, fret) => {
        onToggle({ string, fret });
      }}
    />
  ) : (
    <PianoKeys
      keyboard={instrument}
      played={played}
      onToggle={(pitch) => {
        onToggle({ pitch });
      }}
    />
  );
}

/** Notes from a MIDI keyboard are shown where they were laid on the strings. */
const placesOf = ({ voicing }: PlayedVoicing): readonly PlayedNote[] =>
  voicing.notes.map(({ string = 0, fret = 0 }) => ({ string, fret }));

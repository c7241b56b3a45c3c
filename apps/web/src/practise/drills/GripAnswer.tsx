import {
  readPlayed,
  type Answer,
  type PlayedNote,
  type Question,
  type Voicing,
} from '@drop-close/core';
import { Button } from 'antd';
import { useState } from 'react';
import { useBand } from '../../playback/useBand';
import { useInstrument } from '../../profile/useInstrument';
import { same } from '../../document/convert';
import { Grip } from '../../voice/desk/Grip';
import { Board } from '../../voice/entry/Board';
import { MidiChooser } from '../../voice/entry/MidiChooser';
import { toggled } from '../../voice/entry/toggled';

interface GripAnswerProps {
  readonly isOver: boolean;
  readonly question: Extract<Question, { drill: 'nearest next grip' }>;
  readonly options: readonly Voicing[];
  readonly onAnswer: (answer: Answer) => void;
}

/** A grip: one of some, or put together on the instrument, or played in. */
export function GripAnswer({ isOver, question, options, onAnswer }: GripAnswerProps) {
  const [played, setPlayed] = useState<readonly PlayedNote[]>();
  const instrument = useInstrument();
  const band = useBand();
  const read = played?.length ? readPlayed(question.chord, played, instrument) : undefined;
  return (
    <div className="drill-answer">
      <div className="drill-from">
        <span className="quiet">From</span>
        <Grip voicing={question.from} size="large" />
      </div>
      <div className="drill-grips" role="group" aria-label="Grips to choose from">
        {options.map((grip, at) => (
          <button
            key={at}
            type="button"
            disabled={isOver}
            className={
              isOver && same(grip, question.answer) ? 'drill-grip drill-right' : 'drill-grip'
            }
            aria-label={`Grip ${at + 1}: ${grip.notes.map(({ note }) => note).join(' ')}`}
            onClick={() => {
              band.hear(grip);
              onAnswer({ grip });
            }}
          >
            <Grip voicing={grip} size="small" />
          </button>
        ))}
      </div>
      {!played && !isOver && (
        <Button
          type="text"
          onClick={() => {
            setPlayed([]);
          }}
        >
          Put it together yourself
        </Button>
      )}
      {played && (
        <>
          <Board
            instrument={instrument}
            played={played}
            reading={read?.ok ? read.value : undefined}
            onToggle={(note) => {
              if (!isOver) setPlayed(toggled(played, note));
            }}
          />
          <p className="drill-row">
            {!isOver && (
              <Button
                type="primary"
                size="large"
                disabled={!read?.ok}
                onClick={() => {
                  if (read?.ok) onAnswer({ grip: read.value.voicing });
                }}
              >
                That is my answer
              </Button>
            )}
            <MidiChooser
              onHandful={(pitches) => {
                if (!isOver) setPlayed(pitches.map((pitch) => ({ pitch })));
              }}
            />
            {read && !read.ok && <span className="fault">{read.problem}</span>}
          </p>
        </>
      )}
    </div>
  );
}

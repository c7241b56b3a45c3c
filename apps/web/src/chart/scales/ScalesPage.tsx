import { memo, useMemo } from 'react';
import { degreesOver, prettyDegree } from '@drop-close/core';
import { Staff } from '../../notation/Staff';
import { LOWEST_IN } from '../../notation/keys';
import { rising } from '../../playback/tones';
import { selectPlace } from '../../place/selection';
import { ChordSymbol } from '../../profile/ChordSymbol';
import { useNotation } from '../../profile/useNotation';
import { plainSymbol } from '../../ui/symbol';
import { ReaderChoice } from '../desk/ReaderChoice';
import type { ScaleRow } from './keptScales';

interface ScalesPageProps {
  readonly rows: readonly ScaleRow[];
  readonly clef: 'treble' | 'bass';
  /** Position of the chord in hand. */
  readonly inHand: number;
}

const NO_CHORD = [] as const;

/** Every chord with its scale on the staff and what each note is over it: a page to play from. */
export function ScalesPage({ rows, clef, inHand }: ScalesPageProps) {
  return (
    <section className="scales-page" aria-label="A scale for each chord">
      <div className="scales-reader">
        <ReaderChoice />
      </div>
      <ol>
        {rows.map((row) => (
          <ScaleCell key={row.at} row={row} clef={clef} inHand={row.at === inHand} />
        ))}
      </ol>
    </section>
  );
}

interface ScaleCellProps extends Pick<ScalesPageProps, 'clef'> {
  readonly row: ScaleRow;
  readonly inHand: boolean;
}

const ScaleCell = memo(function ScaleCell({
  row: { event, chord, scale },
  clef,
  inHand,
}: ScaleCellProps) {
  const { note, name } = useNotation();
  const line = useMemo(() => {
    const names = scale?.notes ?? [];
    const pitches = rising(names, LOWEST_IN[clef]);
    return names.map((name, at) => ({ name, midi: pitches[at]! }));
  }, [scale, clef]);
  const words = scale ? `${name(scale.name)}: ${scale.notes.map(note).join(' ')}` : '';
  return (
    <li className={inHand ? 'scale-cell in-hand' : 'scale-cell'}>
      <button
        type="button"
        aria-current={inHand}
        aria-label={`Bar ${event.bar}, ${plainSymbol(chord.symbol)}, ${scale ? name(scale.name) : 'no scale kept'}`}
        onClick={() => {
          selectPlace({ bar: event.bar, beat: event.beat });
        }}
      >
        <small>{event.bar}</small> <ChordSymbol symbol={chord.symbol} />
      </button>
      {scale ? (
        <>
          <span className="scale-name">{name(scale.name)}</span>
          <div className="scale-staff">
            <Staff clef={clef} chord={NO_CHORD} line={line} label={words} />
          </div>
          <span className="scale-degrees" aria-hidden>
            {degreesOver(chord, scale.notes).map((degree) => (
              <span key={degree}>{prettyDegree(degree)}</span>
            ))}
          </span>
        </>
      ) : (
        <span className="quiet">no scale kept</span>
      )}
    </li>
  );
});

import { SoundOutlined } from '@ant-design/icons';
import {
  otherNames,
  parseChord,
  prettyDegree,
  type OtherName,
  type PitchedChord,
} from '@drop-close/core';
import { Button } from 'antd';
import { useMemo } from 'react';
import { stacked } from '../../playback/tones';
import { useNotation } from '../../profile/useNotation';
import { ChordSymbol } from '../../profile/ChordSymbol';
import { plainSymbol } from '../../ui/symbol';
import { Term } from '../../ui/terms/Term';

const KINDS: Readonly<Record<OtherName['kind'], string>> = {
  'same notes': 'the same notes',
  'without its root': 'without its root',
  'tritone partner': 'a tritone away, with the same guide tones',
};

interface OtherNamesProps {
  readonly chord: PitchedChord;
  readonly onHear: (pitches: readonly number[]) => void;
}

/** What else the chord may be read as, each note with what it then is. */
export function OtherNames({ chord, onHear }: OtherNamesProps) {
  const { note } = useNotation();
  const names = useMemo(() => otherNames(chord), [chord]);
  if (!names.length) return null;
  return (
    <section>
      <h3>
        <Term of="reading">Also reads as</Term>
      </h3>
      <ul className="other-names">
        {names.map(({ symbol, kind, notes }) => (
          <li key={`${symbol} ${kind}`}>
            <HearSymbol symbol={symbol} onHear={onHear} />
            <div>
              <ChordSymbol symbol={symbol} /> <span className="quiet">{KINDS[kind]}</span>
              <div className="pool-notes">
                {notes.map(({ note: name, becomes }) => (
                  <span key={name}>
                    {note(name)} <span className="quiet">{prettyDegree(becomes)}</span>{' '}
                  </span>
                ))}
              </div>
            </div>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Plays a chord by its symbol. */
export function HearSymbol({
  symbol,
  onHear,
}: Pick<OtherNamesProps, 'onHear'> & { symbol: string }) {
  return (
    <Button
      type="text"
      size="small"
      icon={<SoundOutlined aria-hidden />}
      aria-label={`Hear ${plainSymbol(symbol)}`}
      onClick={() => {
        const reading = parseChord(symbol);
        if (reading.ok && reading.value.kind === 'chord') onHear(stacked(reading.value));
      }}
    />
  );
}

import { SoundOutlined } from '@ant-design/icons';
import { nameNotes, prettyDegree, type ChordReading } from '@drop-close/core';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { useBand } from '../../playback/useBand';
import { useNotation } from '../../profile/useNotation';
import { ChordSymbol } from '../../profile/ChordSymbol';
import { readNotes } from './readNotes';

const EXAMPLE = ['F', 'Ab', 'C', 'Eb'];
/** More names than this are fetched from too far to help. */
const MOST_NAMES = 12;

/** What a handful of notes could be called, with and without a sounding root. */
export function NotesSide() {
  const { note: nameOf } = useNotation();
  const [text, setText] = useState(() => EXAMPLE.map(nameOf).join(' '));
  const band = useBand();
  const notes = readNotes(text);
  const readings = notes.ok ? nameNotes(notes.pitches).slice(0, MOST_NAMES) : [];
  return (
    <div className="notes-side">
      <label>
        Notes, the lowest first
        <Input
          aria-label="Notes, the lowest first"
          value={text}
          status={notes.ok ? '' : 'error'}
          spellCheck={false}
          onChange={(event) => {
            setText(event.target.value);
          }}
        />
      </label>
      <Button
        icon={<SoundOutlined aria-hidden />}
        disabled={!notes.ok || !notes.pitches.length}
        onClick={() => {
          if (notes.ok) band.hearNotes(notes.pitches);
        }}
      >
        Hear
      </Button>
      {!notes.ok && (
        <p className="fault" role="status">
          {notes.message}
        </p>
      )}
      {notes.ok && (
        <ul className="other-names" aria-label="What they could be called">
          {readings.map((reading) => (
            <Name
              key={`${reading.symbol} ${String(reading.rootSounds)}`}
              reading={reading}
              names={notes.names}
            />
          ))}
          {!readings.length && <li className="quiet">Two different notes at least have a name.</li>}
        </ul>
      )}
    </div>
  );
}

/** As "without its root and 7". */
function lackInWords({ rootSounds, without = [] }: ChordReading): string {
  const gone = [...(rootSounds ? [] : ['root']), ...without.map(prettyDegree)];
  return gone.length ? `without its ${gone.join(' and ')}` : '';
}

function Name({ reading, names }: { reading: ChordReading; names: readonly string[] }) {
  const { note } = useNotation();
  const { symbol, bass, degrees } = reading;
  return (
    <li>
      <div>
        <ChordSymbol symbol={bass === undefined ? symbol : `${symbol}/${bass}`} />{' '}
        <span className="quiet">{lackInWords(reading)}</span>
        <div className="pool-notes">
          {names.map((name, at) => (
            <span key={at}>
              {note(name)} <span className="quiet">{prettyDegree(degrees[at] ?? '')}</span>{' '}
            </span>
          ))}
        </div>
      </div>
    </li>
  );
}

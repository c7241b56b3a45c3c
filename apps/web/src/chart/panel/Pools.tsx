import { SoundOutlined } from '@ant-design/icons';
import type { Pool, School } from '@drop-close/core';
import { Button, Segmented } from 'antd';
import { rising } from '../../playback/tones';
import { useNotation } from '../../profile/useNotation';
import { prettyName } from '../../ui/notation';
import { changeProfile, useProfile } from '../../profile/profileStore';

const SCHOOLS: readonly { readonly value: School; readonly label: string }[] = [
  { value: 'by function', label: 'Function' },
  { value: 'sixth and diminished', label: 'Sixths' },
  { value: 'parent minor', label: 'Minor' },
  { value: 'simple', label: 'Simple' },
];
/** Pools are heard from the A below middle C upwards, over chords that begin an octave lower. */
const LOWEST = 57;

interface PoolsProps {
  readonly pools: readonly Pool[];
  readonly onHear: (pitches: readonly number[]) => void;
}

/** The note pools of one school, each with when it fits, heard over the chord. */
export function Pools({ pools, onHear }: PoolsProps) {
  const { writing } = useProfile();
  const { school } = writing;
  const { note } = useNotation();
  const shown = pools.filter((pool) => pool.school === school);
  return (
    <section>
      <h3 id="pools">Note pools</h3>
      <Segmented
        block
        size="small"
        aria-labelledby="pools"
        value={school}
        options={[...SCHOOLS]}
        onChange={(value) => {
          changeProfile({ writing: { ...writing, school: value } });
        }}
      />
      <ul className="pools">
        {shown.map((pool) => (
          <li key={pool.name}>
            <Button
              type="text"
              size="small"
              icon={<SoundOutlined aria-hidden />}
              aria-label={`Hear ${prettyName(pool.name)} over the chord`}
              onClick={() => {
                onHear(withOctave(pool.notes));
              }}
            />
            <div>
              <b>{prettyName(pool.name)}</b> <span className="quiet">{prettyName(pool.when)}</span>
              {pool.parent && <div className="quiet">{prettyName(pool.parent)}</div>}
              <div className="pool-notes">{pool.notes.map(note).join(' ')}</div>
            </div>
          </li>
        ))}
        {!shown.length && <li className="quiet">This school says nothing of this chord.</li>}
      </ul>
    </section>
  );
}

/** A pool is heard up to its first note again. */
const withOctave = (notes: Pool['notes']): number[] =>
  rising([...notes, ...notes.slice(0, 1)], LOWEST);

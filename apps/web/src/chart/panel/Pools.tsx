import { SoundOutlined } from '@ant-design/icons';
import {
  degreesOver,
  prettyDegree,
  type KeptScale,
  type PitchedChord,
  type Pool,
} from '@drop-close/core';
import { Button } from 'antd';
import { rising } from '../../playback/tones';
import { useProfile } from '../../profile/profileStore';
import { useNotation } from '../../profile/useNotation';
import { prettyName } from '../../ui/notation';
import { isKept } from '../scales/keptScales';
import { SchoolChoice } from '../scales/SchoolChoice';
import { Term } from '../../ui/terms/Term';

/** Pools are heard from the A below middle C upwards, over chords that begin an octave lower. */
const LOWEST = 57;

interface PoolsProps {
  readonly chord: PitchedChord;
  readonly pools: readonly Pool[];
  /** The scale that is kept for the chord. */
  readonly kept: KeptScale | undefined;
  readonly onHear: (...pools: readonly (readonly number[])[]) => void;
  /** Keeps a pool as the scale of the chord, or lets it go. */
  readonly onKeep: (pool: Pool | undefined) => void;
}

/** The note pools of one school, each with when it fits, heard over the chord, compared with the kept one, and kept. */
export function Pools({ chord, pools, kept, onHear, onKeep }: PoolsProps) {
  const { school } = useProfile().writing;
  const { note, name: nameOf } = useNotation();
  const shown = pools.filter((pool) => pool.school === school);
  const own = pools.find((pool) => isKept(kept, pool, chord));
  return (
    <section>
      <h3 id="pools">
        <Term of="pool">Note pools</Term>
      </h3>
      <SchoolChoice labelledBy="pools" />
      <ul className="pools">
        {shown.map((pool) => {
          const isOwn = isKept(kept, pool, chord);
          const name = nameOf(pool.name);
          const degrees = degreesOver(chord, pool.notes);
          return (
            <li key={pool.name}>
              <Button
                type="text"
                size="small"
                icon={<SoundOutlined aria-hidden />}
                aria-label={`Hear ${name} over the chord`}
                onClick={() => {
                  onHear(withOctave(pool.notes));
                }}
              />
              <div>
                <b>{name}</b> <span className="quiet">{prettyName(pool.when)}</span>
                {pool.parent && <div className="quiet">{nameOf(pool.parent)}</div>}
                <div className="pool-notes">
                  {pool.notes.map((each, at) => (
                    <span key={each} className="pool-note">
                      {note(each)} <small>{prettyDegree(degrees[at]!)}</small>
                    </span>
                  ))}
                </div>
                <Button
                  size="small"
                  type={isOwn ? 'primary' : 'default'}
                  aria-pressed={isOwn}
                  aria-label={`Keep ${name} for this chord`}
                  onClick={() => {
                    onKeep(isOwn ? undefined : pool);
                  }}
                >
                  {isOwn ? 'Kept' : 'Keep'}
                </Button>
                {own && !isOwn && (
                  <Button
                    size="small"
                    type="text"
                    aria-label={`Hear ${nameOf(own.name)}, then ${name}`}
                    onClick={() => {
                      onHear(withOctave(own.notes), withOctave(pool.notes));
                    }}
                  >
                    Hear both
                  </Button>
                )}
              </div>
            </li>
          );
        })}
        {!shown.length && <li className="quiet">This school says nothing of this chord.</li>}
      </ul>
    </section>
  );
}

/** A pool is heard up to its first note again. */
const withOctave = (notes: Pool['notes']): number[] =>
  rising([...notes, ...notes.slice(0, 1)], LOWEST);

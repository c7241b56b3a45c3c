import { Select } from 'antd';
import { BringIn } from '../../solo/BringIn';
import { useSolos } from '../../solo/useSolos';
import { ToldMelody } from './ToldMelody';
import { chooseMelody, type Melody } from './useMelody';

/** A line to be told: chosen or brought in, said note by note, and phrase by phrase in figures. */
export function MelodySide({ melody }: { melody: Melody | undefined }) {
  const { solos, add, failure } = useSolos();
  return (
    <div className="melody-side">
      {failure && <p className="fault">{failure}</p>}
      {add.error && <p className="fault">{add.error.message}</p>}
      <div className="melody-choice">
        <Select
          aria-label="Which line"
          placeholder="No line yet"
          value={melody?.solo.id}
          options={solos.map(({ id, name }) => ({ value: id, label: name }))}
          onChange={chooseMelody}
        />
        <BringIn
          onLine={(name, line) => {
            add.mutate(
              { name: name.trim() || 'A melody', line },
              {
                onSuccess: ({ id }) => {
                  chooseMelody(id);
                },
              },
            );
          }}
        />
      </div>
      {melody ? (
        <ToldMelody melody={melody} />
      ) : (
        <p className="quiet">
          Bring in a melody or a solo as MusicXML or MIDI, or make one on the Comp screen: every
          note is told against the chord it stands on.
        </p>
      )}
    </div>
  );
}

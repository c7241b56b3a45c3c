import type { SoloLine, SoloView } from '@drop-close/core';
import { App, Button, Switch } from 'antd';
import { useTune } from '../../document/store';
import type { ComposedChoruses } from '../../engine/protocol';
import { changeComp } from '../desk/compActions';
import { useSolos } from '../../solo/useSolos';
import { BringIn } from '../../solo/BringIn';
import { PlayIn } from './PlayIn';
import { SoloRow } from './SoloRow';
import { StandInMaker } from './StandInMaker';

/** The lines one comps behind: brought in from a file, played in, or made up by the stand-in. */
export function SoloTab({ composed }: { composed: ComposedChoruses }) {
  const { comp } = useTune().setup;
  const { solos, failure, add, remove, restore } = useSolos();
  const { notification } = App.useApp();
  const keep = (name: string, line: SoloLine): void => {
    add.mutate(
      { name: name.trim() || 'A solo', line },
      {
        onSuccess: ({ id }) => {
          changeComp({ behind: id });
        },
      },
    );
  };
  const throwAway = ({ id, name }: SoloView): void => {
    remove.mutate(id, {
      onSuccess: () => {
        notification.info({
          title: `“${name}” is thrown away`,
          actions: (
            <Button
              onClick={() => {
                restore.mutate(id);
                notification.destroy(id);
              }}
            >
              Put it back
            </Button>
          ),
          key: id,
        });
      },
    });
  };
  return (
    <>
      {failure && <p className="fault">{failure}</p>}
      {add.error && <p className="fault">{add.error.message}</p>}
      <ul className="solos">
        {solos.map((solo) => (
          <SoloRow
            key={solo.id}
            solo={solo}
            chosen={comp.behind === solo.id}
            onThrowAway={() => {
              throwAway(solo);
            }}
          />
        ))}
      </ul>
      {comp.behind !== null && (
        <label className="setup-round">
          <Switch
            size="small"
            checked={comp.ownLine ?? false}
            onChange={(ownLine) => {
              changeComp({ ownLine });
            }}
          />
          I play this line myself: one pair of hands for line and chords
        </label>
      )}
      <BringIn onLine={keep} />
      <StandInMaker onKeep={keep} />
      <PlayIn composed={composed} onKeep={keep} />
    </>
  );
}

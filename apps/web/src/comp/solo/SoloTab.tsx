import { phrasesOf, type SoloLine } from '@drop-close/core';
import { App, Button, Upload } from 'antd';
import { useState } from 'react';
import { useTune } from '../../document/store';
import { engine } from '../../engine/client';
import type { ComposedChoruses } from '../../engine/protocol';
import type { SoloView } from '../../api/types';
import { prettyPitch } from '../../ui/notation';
import { changeComp } from '../compActions';
import { useSolos } from '../useSolos';
import { PlayIn } from './PlayIn';
import { StandInMaker } from './StandInMaker';

/** The lines one comps behind: brought in from a file, played in, or made up by the stand-in. */
export function SoloTab({ composed }: { composed: ComposedChoruses }) {
  const { comp } = useTune().setup;
  const { solos, failure, add, remove, restore } = useSolos();
  const { notification } = App.useApp();
  const [told, setTold] = useState<Told | undefined>();
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
          <Solo
            key={solo.id}
            solo={solo}
            chosen={comp.behind === solo.id}
            onThrowAway={() => {
              throwAway(solo);
            }}
          />
        ))}
      </ul>
      <Upload
        accept=".mid,.midi,.musicxml,.xml,.mxl"
        showUploadList={false}
        beforeUpload={(file) => {
          void readFile(file).then((read) => {
            setTold(read);
            if (read.line) keep(read.name, read.line);
          });
          return false;
        }}
      >
        <Button size="small">Bring in a file…</Button>
      </Upload>
      {told && <FileNote told={told} />}
      <StandInMaker composed={composed} onKeep={keep} />
      <PlayIn composed={composed} onKeep={keep} />
    </>
  );
}

/** What came of a file. */
interface Told {
  readonly name: string;
  readonly line?: SoloLine;
  readonly problem?: string;
  readonly skipped: readonly string[];
}

async function readFile(file: File): Promise<Told> {
  const { solo, problem } = await engine.readSolo(new Uint8Array(await file.arrayBuffer()));
  if (!solo) return { name: file.name, problem: problem ?? 'It cannot be read.', skipped: [] };
  const name = solo.name || file.name.replace(/\.[^.]+$/, '');
  return { name: name.slice(0, 80), line: solo.line, skipped: solo.skipped };
}

function FileNote({ told: { name, problem, skipped, line } }: { told: Told }) {
  if (problem) {
    return (
      <p className="fault" role="alert">
        {name}: {problem}
      </p>
    );
  }
  return (
    <div className="quiet" role="status">
      <p>
        “{name}” came in with {line?.notes.length ?? 0} notes
        {skipped.length ? '. Passed over:' : ', whole.'}
      </p>
      {skipped.length > 0 && (
        <ul>
          {skipped.map((sentence) => (
            <li key={sentence}>{sentence}</li>
          ))}
        </ul>
      )}
    </div>
  );
}

interface SoloProps {
  readonly solo: SoloView;
  readonly chosen: boolean;
  readonly onThrowAway: () => void;
}

function Solo({ solo, chosen, onThrowAway }: SoloProps) {
  const { notes } = solo.line;
  const pitches = notes.map(({ midi }) => midi as number);
  const phrases = phrasesOf(notes).length;
  return (
    <li>
      <Button
        size="small"
        type={chosen ? 'primary' : 'default'}
        aria-pressed={chosen}
        onClick={() => {
          changeComp({ behind: chosen ? null : solo.id });
        }}
      >
        {solo.name}
      </Button>
      <span className="quiet">
        {notes.length} notes in {phrases} {phrases === 1 ? 'phrase' : 'phrases'},{' '}
        {prettyPitch(Math.min(...pitches))} to {prettyPitch(Math.max(...pitches))}
      </span>
      <Button
        size="small"
        type="text"
        aria-label={`Throw away: ${solo.name}`}
        onClick={onThrowAway}
      >
        Throw away
      </Button>
    </li>
  );
}

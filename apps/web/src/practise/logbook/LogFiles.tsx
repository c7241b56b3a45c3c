import {
  readLogCsv,
  readLogJson,
  writeLogCsv,
  writeLogJson,
  type EntryView,
  type LogEntry,
  type ReadLog,
} from '@drop-close/core';
import { Alert, Button, Dropdown, Modal, Upload } from 'antd';
import { useState } from 'react';
import { holds } from '../../ui/holds';
import { saveFile } from '../../ui/saveFile';
import { noteHere } from '../items/sending';
import { localDay } from '../base/localDay';
import { isThere } from './isThere';

const CSV = 'As a table (CSV)';
const JSON_FILE = 'As JSON';
const MOST_BYTES = 10_000_000;
/** So many problems are told one by one. */
const TOLD = 50;

interface BroughtIn extends ReadLog {
  readonly name: string;
}

/** The logbook out into a file and back in: as a table (CSV) or as JSON. */
export function LogFiles({ entries }: { entries: readonly EntryView[] }) {
  const [read, setRead] = useState<BroughtIn>();
  const [problem, setProblem] = useState<string>();
  const save = (kind: 'csv' | 'json'): void => {
    const own = entries.map(entryOf);
    const text = kind === 'csv' ? writeLogCsv(own) : writeLogJson(own);
    const type = kind === 'csv' ? 'text/csv' : 'application/json';
    saveFile(`logbook ${localDay(Date.now())}.${kind}`, new TextEncoder().encode(text), type);
  };
  const open = async (file: File): Promise<void> => {
    setProblem(undefined);
    setRead(undefined);
    if (file.size > MOST_BYTES) {
      setProblem('The file is larger than 10 MB.');
      return;
    }
    const text = await file.text();
    const found = /^\s*[{[]/.test(text) ? readLogJson(text) : readLogCsv(text);
    if (found.ok) setRead({ ...found.value, name: file.name });
    else setProblem(found.problem);
  };
  return (
    <>
      <Dropdown
        trigger={['click']}
        menu={{
          items: [
            {
              key: 'csv',
              label: CSV,
              onClick: () => {
                save('csv');
              },
            },
            {
              key: 'json',
              label: JSON_FILE,
              onClick: () => {
                save('json');
              },
            },
          ],
        }}
      >
        <Button disabled={!entries.length} {...holds([CSV, JSON_FILE])}>
          Save to a file
        </Button>
      </Dropdown>
      <Upload
        accept=".csv,.json,text/csv,application/json"
        showUploadList={false}
        beforeUpload={(file) => {
          void open(file);
          return false;
        }}
      >
        <Button>Bring in a file</Button>
      </Upload>
      {problem !== undefined && (
        <Alert
          type="warning"
          title="That file cannot be brought in"
          description={problem}
          closable={{
            onClose: () => {
              setProblem(undefined);
            },
          }}
        />
      )}
      {read && (
        <Taking
          read={read}
          there={entries}
          onClose={() => {
            setRead(undefined);
          }}
        />
      )}
    </>
  );
}

const entryOf = ({ id: _, version: __, ...entry }: EntryView): LogEntry => entry;

interface TakingProps {
  readonly read: BroughtIn;
  readonly there: readonly EntryView[];
  readonly onClose: () => void;
}

/** What a file holds, what of it is new, and what is wrong, before anything is taken. */
function Taking({ read, there, onClose }: TakingProps) {
  const fresh = read.entries.filter((entry) => !isThere(entry, there));
  const known = read.entries.length - fresh.length;
  const take = async (): Promise<void> => {
    await noteHere(
      [],
      fresh.map((entry) => ({ ...entry, id: crypto.randomUUID() })),
    );
    onClose();
  };
  return (
    <Modal
      open
      title={read.name}
      okText={`Take ${fresh.length} ${fresh.length === 1 ? 'entry' : 'entries'}`}
      okButtonProps={{ disabled: !fresh.length }}
      onOk={() => void take()}
      onCancel={onClose}
    >
      <p>
        {read.entries.length} good {read.entries.length === 1 ? 'entry' : 'entries'}
        {known > 0 && `, ${known} of them in the logbook already`}.
      </p>
      {read.problems.length > 0 && (
        <>
          <p>
            {read.problems.length === 1 ? 'One line is' : `${read.problems.length} lines are`} not
            taken:
          </p>
          <ul className="log-problems">
            {read.problems.slice(0, TOLD).map(({ line, message }) => (
              <li key={line}>
                <b>Line {line}:</b> {message}
              </li>
            ))}
          </ul>
        </>
      )}
    </Modal>
  );
}
